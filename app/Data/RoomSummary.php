<?php

declare(strict_types=1);

namespace App\Data;

/** A room in the list of a venue. */
final readonly class RoomSummary
{
    public function __construct(
        public int $id,
        public string $name,
        /** "26 m × 6.4 m, 3.1 m high" */
        public string $size,
        public string $ceiling,
        public int $readings,
        /** Moments that take place in it. */
        public int $uses,
    ) {}
}
