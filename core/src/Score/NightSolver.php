<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Solve\KnownLights;

/**
 * Start here: the bars of a night in, its score out.
 *
 * Each bar is solved for itself first; then, among all settings that serve it within a sixth of a stop
 * as well and cross none of its limits, through the planned lens or another that gives the same frame, those are
 * chosen that together cost the fewest turns, the trouble of each weighed against them. Each rig that is worn is a
 * night of its own there: what it is set to stays while another is used.
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
        $solved = array_map(static fn(ScoredBar $b): array => [$b->bar, $b->solution, $b->alone], $past);
        $mayBeCheaperBy = 0.0;
        foreach (Rigs::of([...array_map(static fn(ScoredBar $b): Bar => $b->bar, $past), ...$bars])->places() as $places) {
            [$before, $own] = self::parted($places, count($past));
            $sequence = Sequence::through(
                array_map(static fn(int $i): Choices => $choices[$i], $own),
                array_map(static fn(int $i): Work => $bars[$i]->work(), $own),
                $favour->turnsPerStop(),
                $before === null ? null : Choices::rowOf($past[$before]->solution->best, $past[$before]->bar->inHand->lens),
            );
            $mayBeCheaperBy += $sequence->mayBeCheaperBy();
            foreach ($own as $at => $i) {
                $solved[count($past) + $i] = $choices[$i]->solved($sequence->places[$at], $known);
            }
        }
        ksort($solved);

        return Score::of($favour, array_values($solved), $mayBeCheaperBy);
    }

    /**
     * @param list<int> $places among the past and the bars
     *
     * @return array{int|null, list<int>} the last of them that is past, and those of the bars
     */
    private static function parted(array $places, int $past): array
    {
        $before = null;
        $own = [];
        foreach ($places as $place) {
            if ($place < $past) {
                $before = $place;
            } else {
                $own[] = $place - $past;
            }
        }

        return [$before, $own];
    }
}
