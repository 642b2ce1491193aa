<?php

declare(strict_types=1);

namespace App\Data;

/** A light reading of the room of a moment, taken at an hour that it lasts through. */
final readonly class ScoreReading
{
    public function __construct(
        /** Minutes since six in the morning. */
        public int $at,
        /** At ISO 100. */
        public float $ev,
        public string $spot,
    ) {}
}
