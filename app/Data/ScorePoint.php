<?php

declare(strict_types=1);

namespace App\Data;

/** The glow of a room at a time. */
final readonly class ScorePoint
{
    public function __construct(
        /** Minutes since six in the morning. */
        public int $at,
        /** At ISO 100. */
        public float $ev,
        /** Stops either way. */
        public float $doubt,
        /** K; null where nobody knows. */
        public ?int $kelvin,
        /** The same as a colour of the page. */
        public ?string $tint,
    ) {}
}
