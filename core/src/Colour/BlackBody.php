<?php

declare(strict_types=1);

namespace Kaddle\Core\Colour;

use Kaddle\Core\Quantity\Mired;
use Kaddle\Core\Quantity\NotANumber;
use Kaddle\Core\Quantity\Rgb;

/**
 * The light of things that glow because they are hot.
 *
 * @see docs/physics.md, “Gels”
 *
 * @phpstan-all-methods-pure
 */
final class BlackBody
{
    /** Mired within which Kim's splines hold. */
    private const REACH = [40.0, 600.0];

    /** Steps of the search: to a hundredth of a mired. */
    private const NARROWED = 24;

    private function __construct() {}

    /**
     * Linear BT.709 of the black body at equal luminance; chromaticity by the cubic
     * splines of Kim et al. (2002), 1667 to 25000 K.
     */
    public static function light(Mired $colour): Rgb
    {
        return Chromaticity::light(...self::chromaticity($colour->mired));
    }

    /**
     * The black body that looks most like a light: nearest in the CIE 1960 diagram, which is what a correlated
     * colour temperature is, by golden section between 25000 and 1667 K.
     *
     * @param Rgb $light linear BT.709, not black
     */
    public static function nearest(Rgb $light): Mired
    {
        $place = Chromaticity::of($light) ?? throw NotANumber::in('colour of no light');
        [$u, $v] = Chromaticity::even(...$place);
        $away = static function (float $mired) use ($u, $v): float {
            [$itsU, $itsV] = Chromaticity::even(...self::chromaticity($mired));

            return hypot($itsU - $u, $itsV - $v);
        };
        [$low, $high] = self::REACH;
        for ($i = 0; $i < self::NARROWED; ++$i) {
            $step = (sqrt(5.0) - 1.0) / 2.0 * ($high - $low);
            if ($away($high - $step) < $away($low + $step)) {
                $high = $low + $step;
            } else {
                $low = $high - $step;
            }
        }

        return Mired::of(($low + $high) / 2.0);
    }

    /**
     * Where it lies in the CIE 1960 diagram, and which way is straight away from the line of all black bodies.
     *
     * @return array{float, float, float, float} u and v; of a step of length 1 towards green in both
     */
    public static function across(Mired $colour): array
    {
        [$u, $v] = Chromaticity::even(...self::chromaticity($colour->mired));
        [$coolU, $coolV] = Chromaticity::even(...self::chromaticity($colour->mired - 1.0));
        $length = hypot($u - $coolU, $v - $coolV);

        return [$u, $v, ($coolV - $v) / $length, ($u - $coolU) / $length];
    }

    /** @return array{float, float} x and y */
    private static function chromaticity(float $mired): array
    {
        $k = $mired / 1000.0;
        $x = $mired > 250.0
            ? ((-0.2661239 * $k - 0.2343589) * $k + 0.8776956) * $k + 0.179910
            : ((-3.0258469 * $k + 2.1070379) * $k + 0.2226347) * $k + 0.240390;
        $y = match (true) {
            $mired > 450.045 => ((-1.1063814 * $x - 1.34811020) * $x + 2.18555832) * $x - 0.20219683,
            $mired > 250.0 => ((-0.9549476 * $x - 1.37418593) * $x + 2.09137015) * $x - 0.16748867,
            default => ((3.0817580 * $x - 5.87338670) * $x + 3.75112997) * $x - 0.37001483,
        };

        return [$x, $y];
    }
}
