<?php

declare(strict_types=1);

namespace App\Data;

/** A venue in a list. */
final readonly class VenueData
{
    public function __construct(
        public int $id,
        public string $name,
        public string $zone,
        public int $rooms,
        public int $nights,
    ) {}
}
