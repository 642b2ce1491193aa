<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Room;

/** The room as a box. */
final readonly class RoomDraft
{
    private function __construct(
        /** m, along the way the camera looks. */
        public float $length,
        /** m */
        public float $width,
        /** m, floor to ceiling. */
        public float $height,
        public FinishesDraft $finishes,
    ) {}

    public static function of(Room $room): self
    {
        return new self($room->length_m, $room->width_m, $room->height_m, FinishesDraft::of($room));
    }
}
