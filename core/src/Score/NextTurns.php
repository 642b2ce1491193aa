<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\KnownLights;
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
    private function __construct() {}

    /** @param Bar $bar the same bar as things are */
    public static function from(ScoredBar $stands, Bar $bar, ?KnownLights $known = null): ScoredBar
    {
        $alone = MomentSolver::solve($bar->light, $known);
        $best = null;
        foreach ([...self::ways($stands->stand()), $bar->light->look->locks] as $locks) {
            $there = MomentSolver::solve($bar->light->holding($locks), $known);
            $way = self::same($there, $stands->stand()->way) ?? $there->best;
            $kept = $alone->moved($way, $way->choice->settings, $way->output);
            $reached = new ScoredBar($bar, $kept, $alone, Changes::between($stands->bar, $stands->solution, $bar, $kept));
            if ($best === null || [self::missing($reached), $reached->turns()] < [self::missing($best), $best->turns()]) {
                $best = $reached;
            }
        }

        return $best;
    }

    /** What cannot be had, in tenths of a stop; 0 for nothing. */
    private static function missing(ScoredBar $reached): float
    {
        return round(array_sum(array_map(static fn(Shortfall $s): float => $s->stops->value, $reached->solution->shortfalls)), 1);
    }

    /** @return list<Locks> what to leave alone: all but one control, then one */
    private static function ways(Stand $stand): array
    {
        [$shutter, $aperture, $iso] = [$stand->settings->shutter, $stand->settings->aperture, $stand->settings->iso];

        return [
            Locks::of(null, $aperture, $iso),
            Locks::of($shutter, $aperture, null),
            Locks::of($shutter, null, $iso),
            Locks::of(null, $aperture, null),
            Locks::of(null, null, $iso),
            Locks::of($shutter, null, null),
        ];
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
