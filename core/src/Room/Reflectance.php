<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Rgb;

/**
 * The share of light that a matt surface sends back, per band; 0 to 0.95 each.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Reflectance
{
    private function __construct(
        public Rgb $share,
    ) {}

    /**
     * @param float $r share of red light, 0 to 0.95; so for green and blue
     *
     * @throws OutOfRange
     */
    public static function of(float $r, float $g, float $b): self
    {
        $range = self::range();

        return new self(Rgb::of(
            $range->checked('red reflectance', $r),
            $range->checked('green reflectance', $g),
            $range->checked('blue reflectance', $b),
        ));
    }

    /** Above 0.95 no wall paint goes, and the interreflection stops converging soon. */
    public static function range(): Range
    {
        return Range::between(0.0, 0.95, '', 0.01);
    }
}
