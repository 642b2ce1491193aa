<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Venue;

/** A venue in a list. */
final readonly class VenueData
{
    private function __construct(
        public int $id,
        public string $name,
        public string $zone,
        public int $rooms,
        public int $nights,
    ) {}

    /** @param Venue $venue with its rooms and nights counted */
    public static function of(Venue $venue): self
    {
        return new self($venue->id, $venue->name, $venue->zone, self::count($venue, 'rooms_count'), self::count($venue, 'nights_count'));
    }

    private static function count(Venue $venue, string $name): int
    {
        $count = $venue->getAttribute($name);

        return is_int($count) ? $count : 0;
    }
}
