<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * The share of a point's sky that a rectangle fills, weighted by the cosine.
 *
 * Irradiance at the point = radiosity of the rectangle x form factor. Closed
 * forms for a small element against an axis-parallel rectangle: Howell,
 * "A Catalog of Radiation Heat Transfer Configuration Factors", B-3 (parallel)
 * and B-4 (perpendicular), summed with sign over the four corners.
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
        return self::parallelCorner($gap, $u2, $v2) - self::parallelCorner($gap, $u1, $v2)
            - self::parallelCorner($gap, $u2, $v1) + self::parallelCorner($gap, $u1, $v1);
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
        return self::perpendicularCorner($gap, $side2, $rise2) - self::perpendicularCorner($gap, $side1, $rise2)
            - self::perpendicularCorner($gap, $side2, $rise1) + self::perpendicularCorner($gap, $side1, $rise1);
    }

    private static function parallelCorner(float $gap, float $u, float $v): float
    {
        $p = sqrt($u * $u + $gap * $gap);
        $q = sqrt($v * $v + $gap * $gap);

        return ($u / $p * atan($v / $p) + $v / $q * atan($u / $q)) / (2.0 * M_PI);
    }

    private static function perpendicularCorner(float $gap, float $side, float $rise): float
    {
        $q = sqrt($gap * $gap + $rise * $rise);

        return (atan($side / $gap) - $gap / $q * atan($side / $q)) / (2.0 * M_PI);
    }
}
