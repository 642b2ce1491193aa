<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * The share of a point's sky that a rectangle fills, weighted by the cosine.
 *
 * Irradiance at the point = radiosity of the rectangle x form factor. Closed
 * forms for a small element against an axis-parallel rectangle: Howell,
 * "A Catalog of Radiation Heat Transfer Configuration Factors", B-3 (parallel)
 * and B-4 (perpendicular), summed with sign over the four corners; the terms of
 * two corners each share a distance.
 *
 * @phpstan-all-methods-pure
 */
final class FormFactor
{
    private function __construct() {}

    /**
     * Element and rectangle face each other at distance $gap; the rectangle
     * spans [$u1, $u2] x [$v1, $v2] seen from the foot of the element.
     *
     * @param float $gap m, above 0
     */
    public static function parallel(float $gap, float $u1, float $u2, float $v1, float $v2): float
    {
        return (self::strip($gap, $u2, $v1, $v2) - self::strip($gap, $u1, $v1, $v2)
            + self::strip($gap, $v2, $u1, $u2) - self::strip($gap, $v1, $u1, $u2)) / (2.0 * M_PI);
    }

    /**
     * The rectangle stands at right angles to the element's plane, $gap away;
     * it spans [$side1, $side2] sideways and [$rise1, $rise2] above that plane.
     *
     * @param float $gap m, above 0
     * @param float $rise1 m, 0 or more
     */
    public static function perpendicular(float $gap, float $side1, float $side2, float $rise1, float $rise2): float
    {
        $low = sqrt($gap * $gap + $rise1 * $rise1);
        $high = sqrt($gap * $gap + $rise2 * $rise2);

        return $gap * (self::angle($low, $side1, $side2) / $low - self::angle($high, $side1, $side2) / $high) / (2.0 * M_PI);
    }

    /** What one edge of a parallel rectangle adds, $away to the side of the foot and from $from to $to along itself. */
    private static function strip(float $gap, float $away, float $from, float $to): float
    {
        $distance = sqrt($gap * $gap + $away * $away);

        return $away * self::angle($distance, $from, $to) / $distance;
    }

    /** Under which a stretch is seen from a distance beside it, radians. */
    private static function angle(float $distance, float $from, float $to): float
    {
        return atan($to / $distance) - atan($from / $distance);
    }
}
