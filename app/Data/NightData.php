<?php

declare(strict_types=1);

namespace App\Data;

/** A night in a list. */
final readonly class NightData
{
    public function __construct(
        public int $id,
        public string $name,
        public int $venueId,
        public string $place,
        /** ISO 8601 date. */
        public string $heldOn,
        /** The date as people say it. */
        public string $heldOnInWords,
    ) {}
}
