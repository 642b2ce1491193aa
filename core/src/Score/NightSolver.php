<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Solve\KnownLights;

/**
 * Start here: the bars of a night in, its score out.
 *
 * Each bar is solved for itself first; then, among all settings that serve it within a sixth of a stop
 * as well and cross none of its limits, through the planned lens or another that gives the same frame, those are
 * chosen that together cost the fewest turns, the trouble of each weighed against them.
 *
 * @see docs/physics.md, “The night as a whole”
 */
final class NightSolver
{
    private function __construct() {}

    /**
     * @param list<Bar> $bars in time order
     * @param list<ScoredBar> $past bars before them that stay as they are
     */
    public static function solve(
        array $bars,
        Favour $favour,
        ?KnownLights $known = null,
        array $past = [],
    ): Score {
        $choices = Choices::allOf($bars, $favour, $known);
        $last = $past === [] ? null : $past[count($past) - 1];
        $sequence = Sequence::through(
            $choices,
            array_map(static fn(Bar $b): Work => $b->work(), $bars),
            $favour->turnsPerStop(),
            $last === null ? null : Choices::rowOf($last->solution->best, $last->bar->inHand->lens),
        );
        $solved = array_map(static fn(ScoredBar $b): array => [$b->bar, $b->solution, $b->alone], $past);
        foreach ($choices as $i => $choice) {
            $solved[] = $choice->solved($sequence->places[$i], $known);
        }

        return Score::of($favour, $solved, $sequence->mayBeCheaperBy());
    }
}
