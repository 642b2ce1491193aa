<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\Levels;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Shortfall;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Wish\Locks;

/**
 * What a hand turns when a bar is not as it was planned: one control where one will do, two where not, from
 * where all of them stand, with the head left alone.
 *
 * Where no such turn serves, the nearest that can be had.
 *
 * @see docs/physics.md, “What a card tells”
 */
final class NextTurns
{
    /** Stops that stand for no light at all: sums still add up. */
    private const ENDLESS = 1000.0;

    private function __construct() {}

    /** @param Bar $bar the same bar as things are */
    public static function from(ScoredBar $stands, Bar $bar, ?KnownLights $known = null): ScoredBar
    {
        $alone = MomentSolver::solve($bar->light, $known);
        [$best, $least] = [null, [INF, INF]];
        foreach (self::ways($stands->stand(), $bar->light->look->locks) as $locks) {
            $there = MomentSolver::solve($bar->light->holding($locks), $known);
            $way = self::same($there, $stands->stand()->way) ?? $there->best;
            $kept = $alone->moved($way, $way->choice->settings, $way->output);
            $reached = new ScoredBar($bar, $kept, $alone, Changes::between($stands->bar, $stands->solution, $bar, $kept), $stands->curtain);
            $lacks = [self::missing($way, $bar->light), $reached->turns()];
            if ($lacks < $least) {
                [$best, $least] = [$reached, $lacks];
            }
        }

        return $best ?? throw new \LogicException('there is always a way to go on');
    }

    /** What cannot be had, in tenths of a stop; 0 for nothing. */
    private static function missing(Candidate $way, Moment $moment): float
    {
        $shortfalls = Shortfall::allOf($way, $moment, Levels::of($moment, $way));

        return round(array_sum(array_map(static fn(Shortfall $s): float => min(self::ENDLESS, $s->stops->value), $shortfalls)), 1);
    }

    /** @return list<Locks> what to leave alone beside what is held: all but one control, then one, then none */
    private static function ways(Stand $stand, Locks $held): array
    {
        [$shutter, $aperture, $iso] = [$stand->settings->shutter, $stand->settings->aperture, $stand->settings->iso];

        return array_map(static fn(Locks $l): Locks => Locks::of($held->shutter ?? $l->shutter, $held->aperture ?? $l->aperture, $held->iso ?? $l->iso), [
            Locks::of(null, $aperture, $iso),
            Locks::of($shutter, $aperture, null),
            Locks::of($shutter, null, $iso),
            Locks::of(null, $aperture, null),
            Locks::of(null, null, $iso),
            Locks::of($shutter, null, null),
            Locks::none(),
        ]);
    }

    /** The way that points the head so; null where there is none. */
    private static function same(Solution $solution, string $way): ?Candidate
    {
        foreach ($solution->candidates as $candidate) {
            if (Stand::wayOf($candidate) === $way) {
                return $candidate;
            }
        }

        return null;
    }
}
