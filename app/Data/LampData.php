<?php

declare(strict_types=1);

namespace App\Data;

/** A group of lamps, as a drawing shows it. */
final readonly class LampData
{
    public function __construct(
        public string $name,
        /** lx that it gives the room at the time of the moment. */
        public float $lux,
        /** Share of full, 0 to 1. */
        public float $level,
        /** m from the floor; null where nobody said. */
        public ?float $hangs,
    ) {}
}
