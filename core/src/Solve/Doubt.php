<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Situation\Moment;

/**
 * How sure the light of the flash on a face is, and what makes it unsure: standard deviations, in
 * stops either way, which add as squares.
 *
 * @see docs/physics.md, “Doubt”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Doubt
{
    /** Furniture, guests, windows and finishes in a room of usual shape and colour. */
    private const USUAL_ROOM = 0.2;

    /** The same in a long low hall. */
    private const LONG_ROOM = 0.35;

    /** The same under dark timber or between bare brick. */
    private const DARK_ROOM = 0.45;

    /** Guide number and coverage as they are printed. */
    private const UNIT = 0.2;

    /** Where exactly the face is, and which way it looks, in light from a room. */
    private const FRAME = 0.3;

    /** The same in light straight from the head. */
    private const STRAIGHT_FRAME = 0.2;

    /** Mean reflectance of ceiling and walls under which a room is dark. */
    private const DARK = 0.3;

    /** Length against width and against height from which a room is long and low. */
    private const LONG = 2.5;
    private const LOW = 5.0;

    private function __construct(
        /** Of what the empty box leaves out; 0 for light that no room sends back. */
        public float $room,
        public float $unit,
        public float $frame,
        /** Of how the room lights the face against what is behind it. */
        public float $faceGlow,
    ) {}

    public static function of(Moment $moment, FaceLight $light, Levels $levels): self
    {
        $glow = $moment->faceGlow->doubt;
        $room = $levels->faceRoom->ratio();
        $byRoom = $glow > 0.0 ? $glow * $room / ($room + $levels->faceFlash->ratio()) : 0.0;

        return $light->isBounced()
            ? new self(self::ofRoom($moment->scene->room), self::UNIT, self::FRAME, $byRoom)
            : new self(0.0, self::UNIT, self::STRAIGHT_FRAME, $byRoom);
    }

    /** A face that the room alone lights is as sure as the glow. */
    public static function ofGlow(Moment $moment): self
    {
        return new self(Tolerance::GLOW, 0.0, 0.0, $moment->faceGlow->doubt);
    }

    public function total(): Stops
    {
        return Stops::of(hypot(hypot(hypot($this->room, $this->unit), $this->frame), $this->faceGlow));
    }

    private static function ofRoom(BoxRoom $room): float
    {
        $long = max($room->length, $room->width);
        $short = min($room->length, $room->width);
        $walls = 2.0 * ($room->length + $room->width) * $room->height;
        $sent = $room->length * $room->width * $room->reflectance(Face::Ceiling)->share->luminance();
        foreach ([[Face::Back, $room->width], [Face::Far, $room->width], [Face::Left, $room->length], [Face::Right, $room->length]] as [$face, $across]) {
            $sent += $across * $room->height * $room->reflectance($face)->share->luminance();
        }

        return match (true) {
            $sent / ($walls + $room->length * $room->width) < self::DARK => self::DARK_ROOM,
            $long > self::LONG * $short && $long > self::LOW * $room->height => self::LONG_ROOM,
            default => self::USUAL_ROOM,
        };
    }
}
