<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * A window: what of the light outdoors it lets into the middle of a room.
 *
 * @see docs/physics.md, “Windows and the sun”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Window
{
    /** Light on a wall against level light under an even grey sky with a dull ground: for this the share is told. */
    private const EVEN = 0.45;

    /**
     * The same under a clear sky: degrees of the sun, towards it, aside and away from it. CIE clear sky
     * with direct sun and a ground of 10 % from 5° on; once the sun has set the west of the sky glows on.
     */
    private const CLEAR = [
        [-6.0, 0.60, 0.45, 0.40], [-0.833, 1.00, 0.50, 0.42], [5.0, 3.60, 0.64, 0.53],
        [20.0, 2.50, 0.27, 0.23], [40.0, 1.30, 0.19, 0.16], [90.0, 0.25, 0.19, 0.16],
    ];

    private function __construct(
        /** Of the level light outdoors, under an even sky; 0 to 1. */
        public float $share,
        /** The way it faces; null where nobody says. */
        public ?Compass $faces,
    ) {}

    /**
     * @param float $percent of the level light outdoors that reaches the middle of the room under an even sky
     *
     * @throws OutOfRange
     */
    public static function ofPercent(float $percent, ?Compass $faces): self
    {
        return new self(self::percentRange()->checked('share of daylight', $percent) / 100.0, $faces);
    }

    public static function percentRange(): Range
    {
        return Range::between(0.001, 100.0, '%', 0.1);
    }

    /** Of the level light outdoors, with the sun where it is. */
    public function shareUnder(SunPosition $sun): float
    {
        if ($this->faces === null) {
            return $this->share;
        }
        [$towards, $aside, $away] = self::onWalls($sun->altitude);
        $cosine = cos(deg2rad($sun->azimuth - $this->faces->degrees()));

        return $this->share * ($aside + abs($cosine) * (($cosine > 0.0 ? $towards : $away) - $aside)) / self::EVEN;
    }

    /**
     * @param float $altitude degrees
     *
     * @return array{float, float, float} towards the sun, aside and away from it, straight between the marks
     */
    private static function onWalls(float $altitude): array
    {
        $marks = self::clear();
        [$from, $towards, $aside, $away] = $marks[0];
        foreach ($marks as [$to, $nextTowards, $nextAside, $nextAway]) {
            if ($altitude <= $to) {
                $way = $to > $from ? ($altitude - $from) / ($to - $from) : 1.0;

                return [
                    $towards + $way * ($nextTowards - $towards),
                    $aside + $way * ($nextAside - $aside),
                    $away + $way * ($nextAway - $away),
                ];
            }
            [$from, $towards, $aside, $away] = [$to, $nextTowards, $nextAside, $nextAway];
        }

        return [$towards, $aside, $away];
    }

    /** @return non-empty-list<array{float, float, float, float}> */
    private static function clear(): array
    {
        return self::CLEAR;
    }
}
