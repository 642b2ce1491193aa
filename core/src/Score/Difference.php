<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

/** What the same bars would be like in another score. */
final readonly class Difference
{
    private function __construct(
        /** Turns more, or fewer below 0. */
        public float $turns,
        /** Of the bars on average, stops: above 0 is a higher ISO. */
        public float $iso,
        /** Above 0 is closed further. */
        public float $aperture,
        /** Above 0 is more output, of the bars with flash in both. */
        public float $output,
        /** The most by which any room or face moves, stops. */
        public float $level,
    ) {}

    /** @param Score $to of the same bars as the other */
    public static function between(Score $from, Score $to): self
    {
        $moved = ['iso' => [], 'aperture' => [], 'output' => []];
        $levels = [0.0];
        foreach ($from->bars as $i => $bar) {
            [$then, $now] = [$bar->stand(), $to->bars[$i]->stand()];
            foreach (array_keys($moved) as $control) {
                [$before, $after] = [$then->place(Control::from($control)), $now->place(Control::from($control))];
                if ($before !== null && $after !== null) {
                    $moved[$control][] = ($after - $before) / 30.0;
                }
            }
            [$old, $new] = [$bar->solution->levels, $to->bars[$i]->solution->levels];
            $levels[] = abs($new->room->value - $old->room->value);
            $levels[] = abs($new->face->value - $old->face->value);
        }
        $mean = static fn(array $stops): float => $stops === [] ? 0.0 : array_sum($stops) / count($stops);

        return new self(
            $to->turns() - $from->turns(),
            $mean($moved['iso']),
            $mean($moved['aperture']),
            $mean($moved['output']),
            max($levels),
        );
    }
}
