<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Solve\Solution;

/**
 * A night solved as a whole: settings for every bar, and what is changed between them.
 */
final readonly class Score
{
    /**
     * @param list<ScoredBar> $bars
     */
    private function __construct(
        public Favour $favour,
        public array $bars,
        /** Turns of the night if each bar had its own best answer. */
        public float $turnsAlone,
        /** Turns, trouble included, by which another sequence may be cheaper at most. */
        public float $mayBeCheaperBy,
    ) {}

    /**
     * @internal made by NightSolver only
     *
     * @param list<array{Bar, Solution, Solution}> $solved bar, at the settings of the score, and alone
     */
    public static function of(Favour $favour, array $solved, float $mayBeCheaperBy): self
    {
        $bars = [];
        $alone = 0.0;
        $rigs = Rigs::of(array_map(static fn(array $bar): Bar => $bar[0], $solved))->numbers;
        $last = $curtains = [];
        foreach ($solved as $i => [$bar, $solution, $own]) {
            $rig = $rigs[$i];
            [$set, $setAlone] = $curtains[$rig] ?? [null, null];
            $curtain = DragView::of($solution)->curtains->setFrom($set);
            $curtainAlone = DragView::of($own)->curtains->setFrom($setAlone);
            $changes = $changesAlone = [];
            if (isset($last[$rig])) {
                [$before, $stood, $ownBefore] = $solved[$last[$rig]];
                $changes = [...Changes::between($before, $stood, $bar, $solution), ...Changes::ofCurtain($bar, $set, $curtain)];
                $changesAlone = [...Changes::between($before, $ownBefore, $bar, $own), ...Changes::ofCurtain($bar, $setAlone, $curtainAlone)];
            }
            if ($i > 0 && $rigs[$i - 1] !== $rig) {
                $changes = Changes::withRig($bar, $changes);
                $changesAlone = Changes::withRig($bar, $changesAlone);
            }
            $alone += array_sum(array_map(static fn(Change $c): float => $c->turns, $changesAlone));
            $curtains[$rig] = [$curtain ?? $set, $curtainAlone ?? $setAlone];
            $last[$rig] = $i;
            $bars[] = new ScoredBar($bar, $solution, $own, $changes, $curtain);
        }

        return new self($favour, $bars, $alone, $mayBeCheaperBy);
    }

    /** Turns of the whole night. */
    public function turns(): float
    {
        return array_sum(array_map(static fn(ScoredBar $b): float => $b->turns(), $this->bars));
    }

    /**
     * Share of full power that a pop takes in each moment, over the time that its bars last; 0 for a flash that is off.
     *
     * @return array<string, float> by moment
     */
    public function shares(): array
    {
        $pops = $minutes = [];
        foreach ($this->bars as $scored) {
            $bar = $scored->bar;
            $pops[$bar->moment] = ($pops[$bar->moment] ?? 0.0) + ($bar->until - $bar->from) * $scored->solution->best->output->share();
            $minutes[$bar->moment] = ($minutes[$bar->moment] ?? 0) + $bar->until - $bar->from;
        }
        $shares = [];
        foreach ($pops as $moment => $sum) {
            $shares[$moment] = $sum / $minutes[$moment];
        }

        return $shares;
    }

    /**
     * How often a control is changed, and by how many clicks in all.
     *
     * @return array{int, int}
     */
    public function sumOf(Control $control): array
    {
        $times = $clicks = 0;
        foreach ($this->bars as $bar) {
            foreach ($bar->changes as $change) {
                if ($change->control === $control) {
                    ++$times;
                    $clicks += abs($change->clicks);
                }
            }
        }

        return [$times, $clicks];
    }
}
