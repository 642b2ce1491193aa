<?php

declare(strict_types=1);

namespace Kaddle\Core\Colour;

use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Mired;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Quantity\Stops;

/**
 * A colour correction filter before a flash: a shift in mired, and the light it takes.
 *
 * @see docs/physics.md, “Gels”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Gel
{
    /** K of a bare head whose maker says nothing else. */
    public const USUAL_HEAD = 5500.0;

    private function __construct(
        /** Above 0 warms. */
        public Mired $shift,
        /** Light that it takes, 0 or more. */
        public Stops $loss,
    ) {}

    /**
     * @param Mired $shift −110 to 250, above 0 warms
     * @param Stops $loss 0 to 5
     *
     * @throws OutOfRange
     */
    public static function of(Mired $shift, Stops $loss): self
    {
        self::shiftRange()->checked('shift of the gel', $shift->mired);
        self::lossRange()->checked('loss of the gel', $loss->value);

        return new self($shift, $loss);
    }

    public static function shiftRange(): Range
    {
        return Range::between(-110.0, 250.0, 'mired', 1.0);
    }

    public static function lossRange(): Range
    {
        return Range::between(0.0, 5.0, 'stops', 0.1);
    }

    /**
     * Share that comes through in each band: the black body at the shifted temperature against that
     * at the head's own, with the loss as luminance. Nothing comes out that did not go in: a loss too
     * small for the shift takes what the band that passes best has to lose.
     *
     * @param Kelvin $head of the light before it
     */
    public function transmission(Kelvin $head): Rgb
    {
        $from = self::blackBody($head->mired());
        $to = self::blackBody($head->mired()->plus($this->shift));
        $colour = Rgb::of($to->r / $from->r, $to->g / $from->g, $to->b / $from->b);

        return $colour->times(min(
            2.0 ** -$this->loss->value / $colour->luminance(),
            1.0 / max($colour->r, $colour->g, $colour->b),
        ));
    }

    /**
     * Linear BT.709 of the black body at equal luminance; chromaticity by the cubic
     * splines of Kim et al. (2002), 1667 to 25000 K.
     */
    private static function blackBody(Mired $colour): Rgb
    {
        $mired = $colour->mired;
        $k = $mired / 1000.0;
        $x = $mired > 250.0
            ? ((-0.2661239 * $k - 0.2343589) * $k + 0.8776956) * $k + 0.179910
            : ((-3.0258469 * $k + 2.1070379) * $k + 0.2226347) * $k + 0.240390;
        $y = match (true) {
            $mired > 450.045 => ((-1.1063814 * $x - 1.34811020) * $x + 2.18555832) * $x - 0.20219683,
            $mired > 250.0 => ((-0.9549476 * $x - 1.37418593) * $x + 2.09137015) * $x - 0.16748867,
            default => ((3.0817580 * $x - 5.87338670) * $x + 3.75112997) * $x - 0.37001483,
        };
        $xx = $x / $y;
        $zz = (1.0 - $x - $y) / $y;

        return Rgb::of(
            3.2406 * $xx - 1.5372 - 0.4986 * $zz,
            -0.9689 * $xx + 1.8758 + 0.0415 * $zz,
            max(0.005, 0.0557 * $xx - 0.2040 + 1.0570 * $zz),
        );
    }
}
