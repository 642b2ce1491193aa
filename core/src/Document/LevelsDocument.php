<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Solve\Tolerance;

/**
 * What the picture will show, stops against correct; null where no light arrives at all.
 *
 * @phpstan-all-methods-pure
 */
final readonly class LevelsDocument
{
    private function __construct(
        /** What is behind by the room's own light, stops. */
        public ?float $room,
        /** The face by it, stops. */
        public ?float $faceRoom,
        /** The face by flash alone, stops. */
        public ?float $faceFlash,
        /** The face by both, stops. */
        public ?float $face,
        /** The far wall by flash alone, stops. */
        public ?float $spill,
        /** The far wall by both, stops. */
        public ?float $backdrop,
        /** Doubt about the room, stops either way. */
        public float $roomDoubt,
        /** Doubt about the face, stops either way. */
        public float $faceDoubt,
    ) {}

    public static function of(Solution $solution): self
    {
        $levels = $solution->levels;

        return new self(
            Rounded::stops($levels->room),
            Rounded::stops($levels->faceRoom),
            Rounded::stops($levels->faceFlash),
            Rounded::stops($levels->face),
            Rounded::stops($levels->spill),
            Rounded::stops($levels->backdrop),
            Tolerance::GLOW,
            round($solution->doubt()->total()->value, 2),
        );
    }
}
