<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Room;
use Kaddle\Core\Room\RidgeWay;

/** Two equal slopes over the middle of a room. */
final readonly class RoofDraft
{
    private function __construct(
        /** m from the floor. */
        public float $ridge,
        /** How the ridge runs, seen by the camera. */
        public RidgeWay $runs,
    ) {}

    /** Null for a flat ceiling. */
    public static function of(Room $room): ?self
    {
        return $room->ridge_m === null || $room->ridge_runs === null ? null : new self($room->ridge_m, $room->ridge_runs);
    }
}
