<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

use Kaddle\Core\Quantity\Illuminance;
use Kaddle\Core\Quantity\Kelvin;

/**
 * Light of sun and sky outdoors, level, under a clear sky.
 *
 * Twilight by the customary figures: 400 lx at sunset (altitude −0.83°), 3.4 lx at the
 * end of civil twilight, 0.008 lx at the end of nautical; by day the usual clear-sky
 * curve, and what such tables give at 1°, 3° and −15°. Between the marks the logarithm runs straight. Clouds take one to four stops.
 *
 * @see docs/physics.md, “Daylight outdoors”
 *
 * @phpstan-all-methods-pure
 */
final class Daylight
{
    /** Altitude in degrees => lx. */
    private const MARKS = [
        [-90.0, 0.0008], [-18.0, 0.0008], [-15.0, 0.0011], [-12.0, 0.008], [-6.0, 3.4], [-0.833, 400.0],
        [1.0, 1_350.0], [3.0, 3_100.0], [5.0, 5_000.0],
        [10.0, 12_000.0], [20.0, 30_000.0], [30.0, 50_000.0], [45.0, 77_000.0], [60.0, 96_000.0], [90.0, 110_000.0],
    ];

    private function __construct() {}

    /** Above 0 lx. */
    public static function light(SunPosition $sun): Illuminance
    {
        [$from, $below] = self::MARKS[0];
        foreach (self::MARKS as [$to, $above]) {
            if ($sun->altitude <= $to) {
                return Illuminance::ofLux(
                    $to > $from ? $below * ($above / $below) ** (($sun->altitude - $from) / ($to - $from)) : $above,
                );
            }
            [$from, $below] = [$to, $above];
        }

        return Illuminance::ofLux($below);
    }

    /** Warm with a low sun, blue once it is gone. Rough. */
    public static function colour(SunPosition $sun): Kelvin
    {
        return Kelvin::of(match (true) {
            $sun->altitude > 15.0 => 5500.0,
            $sun->altitude > 0.0 => 4000.0 + 100.0 * $sun->altitude,
            $sun->altitude > -6.0 => 4000.0 - 1000.0 * $sun->altitude,
            default => 10000.0,
        });
    }
}
