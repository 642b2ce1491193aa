<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

/**
 * When the sun goes down on the evening of a day.
 */
final class Sunset
{
    /** Degrees at which the upper limb touches the horizon: 34' of refraction and 16' of radius, the almanacs' convention. */
    private const HORIZON = -0.833;

    private const STEP = 600;

    private function __construct() {}

    /**
     * Within seconds where the horizon is level.
     *
     * @param string $date "2027-09-18"
     *
     * @return \DateTimeImmutable|null null where it does not go down between noon and the next six in the morning
     */
    public static function on(string $date, Place $place): ?\DateTimeImmutable
    {
        $from = Evening::moment($date, '12:00', $place->zone);
        $end = Evening::moment($date, '05:59', $place->zone)->getTimestamp();
        for ($t = $from->getTimestamp(); $t < $end; $t += self::STEP) {
            if (self::isUp($place, $t) && !self::isUp($place, $t + self::STEP)) {
                return $from->setTimestamp(self::between($place, $t, $t + self::STEP));
            }
        }

        return null;
    }

    private static function between(Place $place, int $up, int $down): int
    {
        while ($down - $up > 1) {
            $middle = intdiv($up + $down, 2);
            [$up, $down] = self::isUp($place, $middle) ? [$middle, $down] : [$up, $middle];
        }

        return $down;
    }

    private static function isUp(Place $place, int $timestamp): bool
    {
        return SunPosition::at(
            $place->latitude,
            $place->longitude,
            new \DateTimeImmutable("@$timestamp"),
        )->altitude > self::HORIZON;
    }
}
