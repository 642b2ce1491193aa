<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

/**
 * When the sun goes down on the evening of a day, and when the light after it is gone.
 *
 * @see docs/physics.md, “Sun”
 */
final class Sunset
{
    /** Degrees at which the upper limb touches the horizon: 34' of refraction and 16' of radius, the almanacs' convention. */
    private const HORIZON = -0.833;

    /** Degrees at which civil twilight ends: outdoors nothing can be read any more. */
    private const TWILIGHT = -6.0;

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
        return self::passing(self::HORIZON, $date, $place);
    }

    /**
     * The end of civil twilight, as surely as the sunset.
     *
     * @param string $date "2027-09-18"
     *
     * @return \DateTimeImmutable|null null where it does not get so dark
     */
    public static function twilight(string $date, Place $place): ?\DateTimeImmutable
    {
        return self::passing(self::TWILIGHT, $date, $place);
    }

    private static function passing(float $degrees, string $date, Place $place): ?\DateTimeImmutable
    {
        $isOver = static fn(int $timestamp): bool => SunPosition::at(
            $place->latitude,
            $place->longitude,
            new \DateTimeImmutable("@$timestamp"),
        )->altitude > $degrees;
        $from = Evening::moment($date, '12:00', $place->zone);
        $end = Evening::moment($date, '05:59', $place->zone)->getTimestamp();
        for ($over = $from->getTimestamp(); $over < $end; $over += self::STEP) {
            $under = $over + self::STEP;
            if (!$isOver($over) || $isOver($under)) {
                continue;
            }
            while ($under - $over > 1) {
                $middle = intdiv($over + $under, 2);
                [$over, $under] = $isOver($middle) ? [$middle, $under] : [$over, $middle];
            }

            return $from->setTimestamp($under);
        }

        return null;
    }
}
