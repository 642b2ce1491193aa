<?php

declare(strict_types=1);

namespace App\Data;

/** What one way of lighting has to spare in one moment. */
final readonly class KitCellData
{
    public function __construct(
        /** "bounced, Fast 35" */
        public string $way,
        public string $lens,
        /** Stops to spare; null where no light arrives. */
        public ?float $stops,
        /** Whether it cannot be had, rounding to clicks apart. */
        public bool $short,
        /** What gives out first. */
        public string $bound,
        /** Way that the head points, in words. */
        public string $head,
    ) {}
}
