<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Solve\KnownLights;

/**
 * A solved night of which one bar or the other is tried elsewhere, again and again: only what is new is solved.
 *
 * What comes out may be some per cent dearer than what NightSolver finds: of the bars that stay only the settings
 * are looked at that came into question before.
 *
 * @see docs/physics.md, “The night as a whole”
 */
final class Rehearsal
{
    /** @var \WeakMap<Bar, array{Choices, array<int, true>}> choices of a bar, and the places that came into question */
    private \WeakMap $stays;

    /** @param list<Bar> $bars in time order; what of them comes back as the same object is not solved again */
    private function __construct(array $bars, private readonly Favour $favour, private readonly ?KnownLights $known)
    {
        $choices = Choices::allOf($bars, $favour, $known);
        $this->stays = new \WeakMap();
        foreach (Rigs::of($bars)->places() as $places) {
            $own = array_map(static fn(int $i): Choices => $choices[$i], $places);
            $listed = Sequence::through($own, self::work($bars, $places), $favour->turnsPerStop(), null)->listed();
            foreach ($places as $at => $i) {
                $this->stays[$bars[$i]] = [$choices[$i], $listed[$at]];
            }
        }
    }

    /** @param list<Bar> $bars in time order */
    public static function of(array $bars, Favour $favour, ?KnownLights $known = null): self
    {
        return new self($bars, $favour, $known);
    }

    /** @param list<Bar> $bars in time order: those that stay as the very objects that were given first */
    public function with(array $bars): Score
    {
        $new = array_filter($bars, fn(Bar $b): bool => !isset($this->stays[$b]));
        $solved = array_combine(array_keys($new), Choices::allOf(array_values($new), $this->favour, $this->known));
        $stand = [];
        $mayBeCheaperBy = 0.0;
        foreach (Rigs::of($bars)->places() as $places) {
            $choices = $listed = [];
            foreach ($places as $at => $i) {
                $choices[] = $solved[$i] ?? $this->stays[$bars[$i]][0];
                if (!isset($solved[$i])) {
                    $listed[$at] = $this->stays[$bars[$i]][1];
                }
            }
            $sequence = Sequence::near($choices, self::work($bars, $places), $this->favour->turnsPerStop(), $listed);
            $mayBeCheaperBy += $sequence->mayBeCheaperBy();
            foreach ($places as $at => $i) {
                $stand[$i] = $choices[$at]->solved($sequence->places[$at], $this->known);
            }
        }
        ksort($stand);

        return Score::of($this->favour, array_values($stand), $mayBeCheaperBy);
    }

    /**
     * @param list<Bar> $bars
     * @param list<int> $places of those that are asked for
     *
     * @return list<Work>
     */
    private static function work(array $bars, array $places): array
    {
        return array_map(static fn(int $i): Work => $bars[$i]->work(), $places);
    }
}
