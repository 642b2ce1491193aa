<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Night;

/** A night in a list. */
final readonly class NightData
{
    private function __construct(
        public int $id,
        public string $name,
        public int $venueId,
        public string $place,
        /** ISO 8601 date. */
        public string $heldOn,
        /** The date as people say it. */
        public string $heldOnInWords,
    ) {}

    public static function of(Night $night): self
    {
        return new self(
            $night->id,
            $night->name,
            $night->venue_id,
            $night->venue->name,
            $night->held_on->toDateString(),
            $night->held_on->format('l, j F Y'),
        );
    }
}
