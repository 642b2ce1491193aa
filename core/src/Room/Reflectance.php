<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Quantity\OutOfRange;
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

    /** @throws OutOfRange */
    public static function of(float $r, float $g, float $b): self
    {
        $limits = self::limits();

        return new self(Rgb::of(
            $limits->checked('red reflectance', $r),
            $limits->checked('green reflectance', $g),
            $limits->checked('blue reflectance', $b),
        ));
    }

    /** Above 0.95 no wall paint goes, and the interreflection stops converging soon. */
    public static function limits(): Limits
    {
        return Limits::between(0.0, 0.95, '', 0.01);
    }
}
