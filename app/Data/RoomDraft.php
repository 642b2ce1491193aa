<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Room;

/** The room as a box, with its roof. */
final readonly class RoomDraft
{
    private function __construct(
        /** m, along the way the camera looks. */
        public float $length,
        /** m */
        public float $width,
        /** m, floor to ceiling, or to the eaves. */
        public float $height,
        /** Null for a flat ceiling. */
        public ?RoofDraft $roof,
        public FinishesDraft $finishes,
    ) {}

    public static function of(Room $room): self
    {
        return new self($room->length_m, $room->width_m, $room->height_m, RoofDraft::of($room), FinishesDraft::of($room));
    }
}
