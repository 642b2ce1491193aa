<?php

declare(strict_types=1);

namespace App\Data;

/** Where a moment stands in its night. */
final readonly class NeighboursData
{
    public function __construct(
        /** Counted from 1. */
        public int $place,
        /** How many the night has. */
        public int $all,
        public ?MomentLink $before,
        public ?MomentLink $after,
    ) {}
}
