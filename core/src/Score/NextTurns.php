<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Wish\Locks;

/**
 * What a hand turns when a bar is not as it was planned: one control where one will do, from where all
 * of them stand, with the head left alone.
 *
 * Where no such turn serves, the bar is solved anew with the fewest turns from there.
 *
 * @see docs/physics.md, “What a card tells”
 */
final class NextTurns
{
    private function __construct() {}

    /** @param Bar $bar the same bar as things are */
    public static function from(ScoredBar $stands, Bar $bar, Favour $favour, ?KnownLights $known = null): ScoredBar
    {
        $best = null;
        foreach (self::ways($stands->stand()) as $locks) {
            $reached = self::reached($stands, $bar, $locks, $known);
            if ($reached !== null && ($best === null || $reached->turns() < $best->turns())) {
                $best = $reached;
            }
        }

        return $best ?? NightSolver::solve([$bar], $favour, $known, [$stands])->bars[1];
    }

    /** @return list<Locks> what to leave alone: all but the shutter, all but ISO, all but the aperture, the aperture */
    private static function ways(Stand $stand): array
    {
        $now = $stand->settings;

        return [
            Locks::of(null, $now->aperture, $now->iso),
            Locks::of($now->shutter, $now->aperture, null),
            Locks::of($now->shutter, null, $now->iso),
            Locks::of(null, $now->aperture, null),
        ];
    }

    /** Null where this leaves something to be wished for, or the head cannot stay. */
    private static function reached(ScoredBar $stands, Bar $bar, Locks $locks, ?KnownLights $known): ?ScoredBar
    {
        $solution = MomentSolver::solve($bar->light->holding($locks), $known);
        $way = self::same($solution, $stands->stand()->way);
        $kept = $way === null ? null : $solution->moved($way, $way->choice->settings, $way->output);

        return $kept === null || !$kept->isFeasible()
            ? null
            : new ScoredBar($bar, $kept, $solution, Changes::between($stands->bar, $stands->solution, $bar, $kept));
    }

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
