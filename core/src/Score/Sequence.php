<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

/**
 * The cheapest way through the choices of some bars, one of each: their trouble, and the turns between them.
 *
 * Dynamic programming. A choice is left out where another of the same bar comes by no more turns, those
 * from that one to it on the way to the next bar included: whatever may follow costs no more from there,
 * so nothing is lost.
 * Of bars with very many choices the search goes on with the cheapest, from the first bar to the last
 * and from the last to the first; what goes best between the neighbours that came out is then looked for
 * among all, until nothing new turns up. What may have been lost by that is told.
 *
 * @see docs/physics.md, “The night as a whole”
 *
 * @phpstan-import-type Row from Choices
 */
final class Sequence
{
    /** Choices with which the search goes on, of all bars together: short nights are searched more widely. */
    private const GOES_ON = 600;

    /** The same of one bar at the least. */
    private const LEAST = 40;

    /** Of trouble in turns: the same way to the left and to the right, which differ by what adding up leaves, then cost the same, and the one that is listed first is taken. */
    private const DIGITS = 10;

    /** @var list<array<int, float>> trouble of the choices of each bar in turns, by place, least first */
    private array $against;

    /** @var array<int, array<int, true>> by bar, the places with which the search goes on */
    private array $listed = [];

    /** @var array<string, true> pairs of neighbours between which a bar has been looked at */
    private array $looked = [];

    /** Turns under which no way through what the width left out can be; null where it left out nothing. */
    private ?float $leftOut = null;

    /** @var list<int> places among the choices of each bar */
    public array $places = [];

    /** Turns, trouble included. */
    public float $turns = 0.0;

    /**
     * @param list<Choices> $bars
     * @param list<Work> $work of each bar, from the one before to it
     * @param Row|null $stands where the controls stand before the first
     */
    private function __construct(
        private readonly array $bars,
        private readonly array $work,
        private readonly float $perStop,
        private readonly ?array $stands,
    ) {
        $this->against = array_map(static function (Choices $bar) use ($perStop): array {
            $turns = array_map(static fn(float $stops): float => round($perStop * $stops, self::DIGITS), $bar->trouble);
            asort($turns);

            return $turns;
        }, $bars);
    }

    /**
     * @param list<Choices> $bars
     * @param list<Work> $work of each bar, from the one before to it
     * @param float $perStop turns that are worth a stop of trouble
     * @param Row|null $stands where the controls stand before the first; null for anywhere
     * @param int|null $width choices of a bar with which the search goes on at the most; null for what is usual
     */
    public static function through(array $bars, array $work, float $perStop, ?array $stands, ?int $width = null): self
    {
        $width ??= self::widthFor(count($bars));
        $self = new self($bars, $work, $perStop, $stands);
        $self->sweep($width);
        if ($self->leftOut !== null) {
            $self->listFromTheEnd($width);
            do {
                $self->sweep(PHP_INT_MAX);
            } while ($self->listBetween());
        }

        return $self;
    }

    /**
     * The same where all but some bars were searched before, most of them beside the same neighbours: of
     * those only what came into question then is looked at. Quick, and some per cent dearer at times.
     *
     * @param list<Choices> $bars
     * @param list<Work> $work of each bar, from the one before to it
     * @param float $perStop turns that are worth a stop of trouble
     * @param array<int, array<int, true>> $listed by bar, places from listed() of another search; all of a bar that is not named
     */
    public static function near(array $bars, array $work, float $perStop, array $listed): self
    {
        $self = new self($bars, $work, $perStop, null);
        $self->leftOut = $self->leastFrom(0);
        $self->listed = $listed;
        $self->sweep(self::widthFor(count($bars)));

        return $self;
    }

    /** @return array<int, array<int, true>> by bar, the places that came into question */
    public function listed(): array
    {
        return $this->listed;
    }

    private static function widthFor(int $bars): int
    {
        return max(self::LEAST, intdiv(self::GOES_ON, max(1, $bars)));
    }

    /** Turns by which another sequence may be cheaper at most. */
    public function mayBeCheaperBy(): float
    {
        return $this->leftOut === null ? 0.0 : max(0.0, $this->turns - $this->leftOut);
    }

    /** Finds the cheapest way among what is listed, or, the first time, among all that fits the width. */
    private function sweep(int $width): void
    {
        [$rows, $sums] = $this->stands === null ? [[], []] : [[$this->stands], [0.0]];
        $came = $listed = [];
        foreach ($this->bars as $i => $bar) {
            $against = $this->toLookAt($i);
            [$reached, $came[$i]] = $sums === []
                ? [array_map(static fn(): float => 0.0, $against), []]
                : $this->work[$i]->onward($this->alike($bar, $against), $bar->rows, $rows, $sums);
            foreach ($against as $place => $turns) {
                $reached[$place] += $turns;
            }
            asort($reached);
            [$rows, $sums] = $this->undominated($i, $reached, $width);
            $listed[$i] = array_fill_keys(array_keys($sums), true);
        }
        $this->listed += $listed;
        $this->turns = array_values($sums)[0] ?? 0.0;
        $this->places = $this->wayBack($came, array_key_first($sums) ?? 0);
    }

    /** @return array<int, float> choices of a bar with their trouble in turns, least first */
    private function toLookAt(int $bar): array
    {
        return isset($this->listed[$bar]) ? array_intersect_key($this->against[$bar], $this->listed[$bar]) : $this->against[$bar];
    }

    /**
     * Places of rows that share settings.
     *
     * @param array<int, float> $against of the places to look at
     *
     * @return array<int, list<int>>
     */
    private function alike(Choices $bar, array $against): array
    {
        $alike = [];
        foreach (array_keys($against) as $place) {
            [$tv, $av, $sv] = $bar->rows[$place];
            $alike[($tv * 2000 + $av) * 2000 + $sv][] = $place;
        }

        return $alike;
    }

    /**
     * @param array<int, array<int, int>> $came by bar and place, the place before
     *
     * @return list<int>
     */
    private function wayBack(array $came, int $place): array
    {
        $places = [];
        foreach (array_reverse($came) as $by) {
            $places[] = $place;
            $place = $by[$place] ?? 0;
        }

        return array_reverse($places);
    }

    /**
     * Those from which something may follow that costs less than from all others.
     *
     * @param array<int, float> $reached turns, least first
     *
     * @return array{array<int, Row>, array<int, float>} rows and turns
     */
    private function undominated(int $bar, array $reached, int $width): array
    {
        $all = $this->bars[$bar]->rows;
        // What it costs to move from one to the other on the way to the next bar: there it may be another body.
        $on = $this->work[$bar + 1] ?? $this->work[$bar];
        $rows = $sums = [];
        foreach ($reached as $place => $sum) {
            if ($on->isReachedFrom($rows, $sums, $all[$place], $sum)) {
                continue;
            }
            if (count($sums) === $width) {
                $this->leftOut = min($this->leftOut ?? INF, $sum + $this->leastFrom($bar + 1));
                break;
            }
            $rows[$place] = $all[$place];
            $sums[$place] = $sum;
        }

        return [$rows, $sums];
    }

    /** Turns that the bars from one on cost at the least. */
    private function leastFrom(int $bar): float
    {
        return array_sum(array_map(static fn(array $against): float => array_values($against)[0] ?? 0.0, array_slice($this->against, $bar)));
    }

    /** Lists what a search from the last bar to the first would go on with: what suits that which follows. */
    private function listFromTheEnd(int $width): void
    {
        // Turns back and forth cost the same, so the way to a bar is the way from it.
        $work = array_reverse([...array_slice($this->work, 1), ...array_slice($this->work, -1)]);
        $back = new self(array_reverse($this->bars), $work, $this->perStop, null);
        $back->sweep($width);
        foreach (array_reverse($back->listed) as $i => $places) {
            $this->listed[$i] += $places;
        }
    }

    /** Lists for every bar what goes best between its neighbours as they stand now. Whether any of it is new. */
    private function listBetween(): bool
    {
        $isNew = false;
        foreach ($this->bars as $i => $bar) {
            $before = $i === 0 ? $this->stands : $this->bars[$i - 1]->rows[$this->places[$i - 1]];
            $after = isset($this->bars[$i + 1]) ? $this->bars[$i + 1]->rows[$this->places[$i + 1]] : null;
            foreach ([[$before, $after], [$before, null], [null, $after]] as [$from, $to]) {
                $between = $i . ':' . implode(' ', $from ?? []) . ':' . implode(' ', $to ?? []);
                if (isset($this->looked[$between])) {
                    continue;
                }
                $this->looked[$between] = true;
                $place = $this->bestBetween($i, $from, $to);
                $isNew = $isNew || !isset($this->listed[$i][$place]);
                $this->listed[$i][$place] = true;
            }
        }

        return $isNew;
    }

    /**
     * @param Row|null $before
     * @param Row|null $after
     */
    private function bestBetween(int $bar, ?array $before, ?array $after): int
    {
        $least = INF;
        $best = 0;
        foreach ($this->against[$bar] as $place => $turns) {
            if ($turns >= $least) {
                break;
            }
            $row = $this->bars[$bar]->rows[$place];
            $turns += $before === null ? 0.0 : $this->work[$bar]->between($before, $row);
            if ($turns < $least) {
                $turns += $after === null ? 0.0 : $this->work[$bar + 1]->between($row, $after);
                if ($turns < $least) {
                    [$least, $best] = [$turns, $place];
                }
            }
        }

        return $best;
    }
}
