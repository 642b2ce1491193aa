<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

use Kaddle\Core\Quantity\OutOfRange;

/**
 * A place on earth with its clocks.
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

    /**
     * @param float $latitude degrees, −90 to 90, north is above 0
     * @param float $longitude degrees, −180 to 180, east is above 0
     *
     * @throws OutOfRange
     */
    public static function at(float $latitude, float $longitude, \DateTimeZone $zone): self
    {
        return new self(
            SunPosition::latitudeRange()->checked('latitude', $latitude),
            SunPosition::longitudeRange()->checked('longitude', $longitude),
            $zone,
        );
    }

    /** Where the IANA database says that a zone is; within it the sun may be an hour early or late. Null where it does not say. */
    public static function ofZone(\DateTimeZone $zone): ?self
    {
        $location = $zone->getLocation();

        return $location === false || $location['country_code'] === '??'
            ? null
            : self::at($location['latitude'], $location['longitude'], $zone);
    }
}
