<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

use Kaddle\Core\Quantity\OutOfRange;

/**
 * A place on earth with its clocks.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Place
{
    private function __construct(
        /** Degrees, north positive. */
        public float $latitude,
        /** Degrees, east positive. */
        public float $longitude,
        public \DateTimeZone $zone,
    ) {}

    /** @throws OutOfRange */
    public static function at(float $latitude, float $longitude, \DateTimeZone $zone): self
    {
        return new self(
            SunPosition::latitudeLimits()->checked('latitude', $latitude),
            SunPosition::longitudeLimits()->checked('longitude', $longitude),
            $zone,
        );
    }
}
