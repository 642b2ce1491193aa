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
        $listed = Sequence::through($choices, self::work($bars), $favour->turnsPerStop(), null)->listed();
        $this->stays = new \WeakMap();
        foreach ($bars as $i => $bar) {
            $this->stays[$bar] = [$choices[$i], $listed[$i]];
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
        $choices = $listed = [];
        foreach ($bars as $i => $bar) {
            $choices[] = $solved[$i] ?? $this->stays[$bar][0];
            if (!isset($solved[$i])) {
                $listed[$i] = $this->stays[$bar][1];
            }
        }
        $sequence = Sequence::near($choices, self::work($bars), $this->favour->turnsPerStop(), $listed);

        return Score::of(
            $this->favour,
            array_map(fn(Choices $c, int $place): array => $c->solved($place, $this->known), $choices, $sequence->places),
            $sequence->mayBeCheaperBy(),
        );
    }

    /**
     * @param list<Bar> $bars
     *
     * @return list<Work>
     */
    private static function work(array $bars): array
    {
        return array_map(static fn(Bar $b): Work => $b->work(), $bars);
    }
}
