<?php

declare(strict_types=1);

namespace App\Data;

/** A venue to choose from. */
final readonly class VenueChoice
{
    public function __construct(
        public int $id,
        public string $name,
    ) {}
}
