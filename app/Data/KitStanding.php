<?php

declare(strict_types=1);

namespace App\Data;

/** How a moment stands in the score: with what, and what is left of it. */
final readonly class KitStanding
{
    public function __construct(
        public int $momentId,
        /** "Fast 35, at the left wall" */
        public string $with,
        /** "3 stops of output and 1.3 of ISO left"; of the stretch with least. */
        public string $left,
        /** Whether it cannot be had as wished. */
        public bool $short,
    ) {}
}
