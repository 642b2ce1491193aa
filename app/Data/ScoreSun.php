<?php

declare(strict_types=1);

namespace App\Data;

/** Where the sun stands at a minute of a night. */
final readonly class ScoreSun
{
    public function __construct(
        /** Minutes since six in the morning. */
        public int $at,
        /** Degrees over the horizon, below 0 under it. */
        public float $altitude,
    ) {}
}
