<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Room;
use Kaddle\Core\Room\Finish;

/** The finish of each face of a room. */
final readonly class FinishesDraft
{
    private function __construct(
        public Finish $ceiling,
        public Finish $floor,
        /** Behind the camera. */
        public Finish $back,
        /** What the camera looks at. */
        public Finish $far,
        public Finish $right,
        public Finish $left,
    ) {}

    public static function of(Room $room): self
    {
        return new self(
            $room->ceiling_finish,
            $room->floor_finish,
            $room->back_finish,
            $room->far_finish,
            $room->right_finish,
            $room->left_finish,
        );
    }
}
