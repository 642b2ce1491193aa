<?php

declare(strict_types=1);

namespace Kaddle\Core\Colour;

use Kaddle\Core\Quantity\Rgb;

/**
 * Where a light lies in the diagrams of the CIE: linear BT.709 with a white of 6504 K to x and y of 1931, and these to u and v of 1960.
 *
 * @see docs/physics.md, “Cast”
 *
 * @phpstan-all-methods-pure
 */
final class Chromaticity
{
    private function __construct() {}

    /** @return array{float, float}|null x and y; null for no light */
    public static function of(Rgb $light): ?array
    {
        $x = 0.4124 * $light->r + 0.3576 * $light->g + 0.1805 * $light->b;
        $y = 0.2126 * $light->r + 0.7152 * $light->g + 0.0722 * $light->b;
        $sum = $x + $y + 0.0193 * $light->r + 0.1192 * $light->g + 0.9505 * $light->b;

        return $sum > 0.0 ? [$x / $sum, $y / $sum] : null;
    }

    /** @return array{float, float} u and v */
    public static function even(float $x, float $y): array
    {
        $scale = -2.0 * $x + 12.0 * $y + 3.0;

        return [4.0 * $x / $scale, 6.0 * $y / $scale];
    }

    /** @return array{float, float} x and y of a u and v */
    public static function uneven(float $u, float $v): array
    {
        $scale = 2.0 * $u - 8.0 * $v + 4.0;

        return [3.0 * $u / $scale, 2.0 * $v / $scale];
    }

    /** Linear BT.709 at equal luminance; the deepest reds keep a trace of blue. */
    public static function light(float $x, float $y): Rgb
    {
        $xx = $x / $y;
        $zz = (1.0 - $x - $y) / $y;

        return Rgb::of(
            3.2406 * $xx - 1.5372 - 0.4986 * $zz,
            -0.9689 * $xx + 1.8758 + 0.0415 * $zz,
            max(0.005, 0.0557 * $xx - 0.2040 + 1.0570 * $zz),
        );
    }
}
