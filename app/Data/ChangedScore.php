<?php

declare(strict_types=1);

namespace App\Data;

/** The score of a night in which one thing turned out otherwise; over it lies the one that was planned. */
final readonly class ChangedScore
{
    public function __construct(
        /** "From 21:00 the light is 2 stops darker." */
        public string $sentence,
        public ScoreData $score,
    ) {}
}
