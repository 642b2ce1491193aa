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

    public function equals(self $other): bool
    {
        return $this->shift->mired === $other->shift->mired && $this->loss->value === $other->loss->value;
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
        $from = BlackBody::light($head->mired());
        $to = BlackBody::light($head->mired()->plus($this->shift));
        $colour = Rgb::of($to->r / $from->r, $to->g / $from->g, $to->b / $from->b);

        return $colour->times(min(
            2.0 ** -$this->loss->value / $colour->luminance(),
            1.0 / max($colour->r, $colour->g, $colour->b),
        ));
    }
}
