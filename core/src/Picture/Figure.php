<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

use Kaddle\Core\Flash\LitSurfaces;
use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;

/**
 * A paper cut-out that faces the camera, with the light of a full pop on it.
 *
 * @see docs/physics.md, “The picture to expect”
 */
final readonly class Figure
{
    /** What the paper of a face sends back over mid-grey: two thirds of a stop more. */
    public const FACE = 1.587;

    /** m over the face to the top of the head. */
    public const CROWN = 0.13;

    private function __construct(
        public FigureKind $kind,
        /** Whether the picture is of it; such figures move in a long exposure. */
        public bool $isOfGroup,
        /** Whether it is the one that settings are made for. */
        public bool $isSubject,
        /** The face, or the middle of what is set up, m. */
        public Vector $at,
        /** What is worn sends back so much over mid-grey. */
        public float $cloth,
        /** The room’s light on it over that on what is behind the people. */
        public float $room,
        /** Luminous exposure towards the camera, lx·s. */
        public Rgb $front,
        /** From the sides that the camera sees and from above and below, over that. */
        public float $left,
        public float $right,
        public float $above,
        public float $below,
    ) {}

    /** @param LitSurfaces|null $lit null for a flash that is off */
    public static function at(FigureKind $kind, bool $isOfGroup, bool $isSubject, Vector $place, float $cloth, float $room, ?LitSurfaces $lit): self
    {
        $front = self::towards($lit, $place, Vector::of(-1.0, 0.0, 0.0));
        $over = static fn(float $x, float $y, float $z): float => self::towards($lit, $place, Vector::of($x, $y, $z))->luminance() / max(1e-9, $front->luminance());

        return new self($kind, $isOfGroup, $isSubject, $place, $cloth, $room, $front, $over(0.0, 1.0, 0.0), $over(0.0, -1.0, 0.0), $over(0.0, 0.0, 1.0), $over(0.0, 0.0, -1.0));
    }

    private static function towards(?LitSurfaces $lit, Vector $place, Vector $way): Rgb
    {
        return $lit === null ? Rgb::grey(0.0) : $lit->at(Probe::at($place, Direction::along($way)));
    }
}
