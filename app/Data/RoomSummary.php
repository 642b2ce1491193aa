<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Room;
use Kaddle\Core\Quantity\Number;

/** A room in the list of a venue. */
final readonly class RoomSummary
{
    private function __construct(
        public int $id,
        public string $name,
        /** "26 m × 6.4 m, 3.1 m high" */
        public string $size,
        public string $ceiling,
        public int $readings,
        /** Moments that take place in it. */
        public int $uses,
    ) {}

    /** @param Room $room with its moments counted */
    public static function of(Room $room): self
    {
        $uses = $room->getAttribute('moments_count');

        return new self(
            $room->id,
            $room->name,
            sprintf('%s m × %s m, %s m %s', Number::plain($room->length_m), Number::plain($room->width_m), Number::plain($room->height_m), $room->ridge_m === null ? 'high' : 'to the eaves'),
            $room->ceiling_finish->inWords(),
            count($room->readings),
            is_int($uses) ? $uses : 0,
        );
    }
}
