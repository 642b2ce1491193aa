<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Venue;

/** A venue to choose from. */
final readonly class VenueChoice
{
    private function __construct(
        public int $id,
        public string $name,
    ) {}

    public static function of(Venue $venue): self
    {
        return new self($venue->id, $venue->name);
    }
}
