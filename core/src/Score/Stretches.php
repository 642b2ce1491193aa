<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

/**
 * A moment cut where its glow has drifted too far for one setting.
 *
 * @see docs/physics.md, “The night as a whole”
 */
final class Stretches
{
    /** Stops that the glow may drift within one setting: a third either way of its middle. */
    public const DRIFT = 2.0 / 3.0;

    /** Minutes between looks at the glow: a sunset moves it by a quarter of a stop in them. */
    private const LOOK = 5;

    /** The most looks at a moment, so that a whole day of one costs no more than an hour. */
    private const MOST_LOOKS = 24;

    /** The most stretches of a moment: one begins at each look. */
    public const MOST = self::MOST_LOOKS;

    private function __construct() {}

    /**
     * @param int $from minutes
     * @param int $until minutes, after the start
     * @param callable(float): float $glow EV at a minute
     *
     * @return non-empty-list<array{int, int, float}> from, until, and EV in the middle
     */
    public static function of(int $from, int $until, callable $glow): array
    {
        $look = self::LOOK * max(1, (int) ceil(($until - $from) / self::LOOK / self::MOST_LOOKS));
        $stretches = [];
        $start = $from;
        $lowest = $highest = $glow((float) $from);
        for ($at = $from + $look; $at < $until; $at += $look) {
            $ev = $glow((float) $at);
            [$lower, $higher] = [min($lowest, $ev), max($highest, $ev)];
            if ($higher - $lower > self::DRIFT && $at - $start >= $look) {
                $stretches[] = [$start, $at, $glow(($start + $at) / 2.0)];
                [$start, $lower, $higher] = [$at, $ev, $ev];
            }
            [$lowest, $highest] = [$lower, $higher];
        }
        $stretches[] = [$start, $until, $glow(($start + $until) / 2.0)];

        return $stretches;
    }
}
