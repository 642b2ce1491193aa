<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * Where the sun stands, without refraction.
 *
 * Low-precision series of the Astronomical Almanac as given by Meeus, Astronomical
 * Algorithms (2nd ed., ch. 12, 13 and 25): within 0.01 degree from 1900 to 2100.
 *
 * @see docs/physics.md, “Sun”
 *
 * @phpstan-all-methods-pure
 */
final readonly class SunPosition
{
    private const J2000 = 946_728_000;

    /** s by which dynamical time runs ahead of the clocks in our decades. */
    private const AHEAD = 69.0;

    private function __construct(
        /** Degrees over the horizon, geometric. */
        public float $altitude,
        /** Degrees from north by east. */
        public float $azimuth,
    ) {}

    /**
     * @param float $latitude degrees, north positive
     * @param float $longitude degrees, east positive
     *
     * @throws OutOfRange
     */
    public static function at(float $latitude, float $longitude, \DateTimeImmutable $time): self
    {
        $phi = deg2rad(self::latitudeRange()->checked('latitude', $latitude));
        $east = self::longitudeRange()->checked('longitude', $longitude);
        $seconds = $time->getTimestamp() - self::J2000 + (int) $time->format('u') / 1e6;
        [$rightAscension, $declination] = self::equatorial($seconds + self::AHEAD);
        $hour = deg2rad(self::sidereal($seconds) + $east) - $rightAscension;
        $sine = sin($phi) * sin($declination) + cos($phi) * cos($declination) * cos($hour);
        $azimuth = atan2(
            -cos($declination) * sin($hour),
            sin($declination) * cos($phi) - cos($declination) * sin($phi) * cos($hour),
        );

        return new self(rad2deg(asin(max(-1.0, min(1.0, $sine)))), fmod(rad2deg($azimuth) + 360.0, 360.0));
    }

    public static function latitudeRange(): Range
    {
        return Range::between(-90.0, 90.0, '°', 0.0001);
    }

    public static function longitudeRange(): Range
    {
        return Range::between(-180.0, 180.0, '°', 0.0001);
    }

    /** @return array{float, float} right ascension and declination of date, radians */
    private static function equatorial(float $seconds): array
    {
        $t = $seconds / 86_400.0 / 36_525.0;
        $anomaly = deg2rad(357.52911 + $t * (35_999.05029 - 0.0001537 * $t));
        $centre = (1.914602 - $t * (0.004817 + 0.000014 * $t)) * sin($anomaly)
            + (0.019993 - 0.000101 * $t) * sin(2.0 * $anomaly)
            + 0.000289 * sin(3.0 * $anomaly);
        $node = deg2rad(125.04 - 1934.136 * $t);
        $longitude = deg2rad(
            280.46646 + $t * (36_000.76983 + 0.0003032 * $t) + $centre - 0.00569 - 0.00478 * sin($node),
        );
        $obliquity = deg2rad(23.439291 - $t * (0.0130042 + 0.00000016 * $t) + 0.00256 * cos($node));

        return [atan2(cos($obliquity) * sin($longitude), cos($longitude)), asin(sin($obliquity) * sin($longitude))];
    }

    /** Mean sidereal time at Greenwich, degrees. */
    private static function sidereal(float $seconds): float
    {
        $days = $seconds / 86_400.0;
        $t = $days / 36_525.0;

        return fmod(280.46061837 + 360.98564736629 * $days + $t * $t * (0.000387933 - $t / 38_710_000.0), 360.0);
    }
}
