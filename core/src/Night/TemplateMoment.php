<?php

declare(strict_types=1);

namespace Kaddle\Core\Night;

use Kaddle\Core\People\Behind;
use Kaddle\Core\People\Movement;
use Kaddle\Core\Room\RoomKind;
use Kaddle\Core\Wish\School;

/**
 * A moment of a template, with usual figures.
 *
 * @phpstan-all-methods-pure
 */
final readonly class TemplateMoment
{
    private function __construct(
        public string $name,
        /** "19:30" */
        public string $starts,
        public int $minutes,
        public RoomKind $room,
        /** m */
        public float $distance,
        /** Of the face, m. */
        public float $height,
        /** EV at ISO 100, until the room is known better. */
        public float $glow,
        /** Stops under metered. */
        public float $roomUnder,
        public string $aperture,
        public Movement $movement,
        public Behind $behind,
        public float $framesPerMinute,
        /** Of the group, m. */
        public float $depth,
        public School $school,
        /** Whether there is nobody to light. */
        public bool $withoutFlash,
    ) {}

    /**
     * @param float $distance m to the subject
     * @param float $height m of the ceiling
     * @param float $glow EV
     * @param float $roomUnder stops
     * @param float $framesPerMinute frames a minute
     * @param float $depth m of the group
     */
    public static function of(
        string $name,
        string $starts,
        int $minutes,
        RoomKind $room,
        float $distance,
        float $height,
        float $glow,
        float $roomUnder,
        string $aperture,
        Movement $movement,
        Behind $behind,
        float $framesPerMinute,
        float $depth = 0.0,
        School $school = School::ShutterFirst,
        bool $withoutFlash = false,
    ): self {
        return new self(
            $name,
            $starts,
            $minutes,
            $room,
            $distance,
            $height,
            $glow,
            $roomUnder,
            $aperture,
            $movement,
            $behind,
            $framesPerMinute,
            $depth,
            $school,
            $withoutFlash,
        );
    }
}
