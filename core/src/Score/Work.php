<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Quantity\Step;

/**
 * Turns from one row of choices to another.
 *
 * A flash that was off is set at leisure before it is switched on again, so its dial costs nothing then.
 *
 * @see docs/physics.md, “What a turn costs”
 *
 * @phpstan-import-type Row from Choices
 *
 * @phpstan-all-methods-pure
 */
final readonly class Work
{
    /** Turns that any change costs at the least. */
    private float $least;

    private function __construct(
        private float $reachShutter,
        private float $shutter,
        private float $reachAperture,
        private float $aperture,
        private float $reachIso,
        private float $iso,
        private float $reachOutput,
        private float $output,
        private float $head,
        private float $flash,
        private float $lens,
    ) {
        $this->least = min($reachShutter, $reachAperture, $reachIso, $reachOutput, $head, $lens);
    }

    /**
     * @param Step $camera of the body whose clicks are counted
     * @param Step $unit of the flash unit
     */
    public static function of(Effort $effort, Step $camera, Step $unit): self
    {
        $per = static fn(Control $c, Step $step): float => $effort->click($c) / $step->thirtieths();

        return new self(
            $effort->reach(Control::Shutter),
            $per(Control::Shutter, $camera),
            $effort->reach(Control::Aperture),
            $per(Control::Aperture, $camera),
            $effort->reach(Control::Iso),
            $per(Control::Iso, $camera),
            $effort->reach(Control::Output),
            $per(Control::Output, $unit),
            $effort->reach(Control::Head),
            $effort->reach(Control::Flash),
            $effort->reach(Control::Lens),
        );
    }

    /**
     * @param Row $from
     * @param Row $to
     */
    public function between(array $from, array $to): float
    {
        return $this->ofCamera($from, $to)
            + $this->ofFlash($from[3], $from[4], $to[3], $to[4])
            + ($from[5] === $to[5] ? 0.0 : $this->lens);
    }

    /**
     * The least turns up to each of many rows: those up to some row of the bar before, and from there.
     *
     * The part of shutter, aperture and ISO is reckoned once for all rows that share them, that of the rest once for
     * each pair of outputs, ways and lenses: long nights ask for millions.
     *
     * @phpstan-impure
     *
     * @param array<int, list<int>> $alike places of rows that share settings
     * @param array<int, Row> $to
     * @param array<int, Row> $from
     * @param array<int, float> $sums of turns up to each of them
     *
     * @return array{array<int, float>, array<int, int>} turns, and the places from which they come, by place
     */
    public function onward(array $alike, array $to, array $from, array $sums): array
    {
        $numbers = $groups = $before = [];
        foreach ($sums as $place => $sum) {
            $row = $from[$place];
            $group = $numbers[$row[3]][$row[4]][$row[5]] ??= count($groups);
            $groups[$group] = $row;
            $before[] = [$row[0], $row[1], $row[2], $group, $sum, $place];
        }
        [$reachShutter, $shutter, $reachAperture, $aperture, $reachIso, $iso] = [
            $this->reachShutter, $this->shutter, $this->reachAperture, $this->aperture, $this->reachIso, $this->iso,
        ];
        $endless = array_fill(0, count($groups), INF);
        $rests = $reached = $came = [];
        foreach ($alike as $places) {
            [$tv, $av, $sv] = $to[$places[0]];
            $least = $endless;
            $by = [];
            foreach ($before as [$itsTv, $itsAv, $itsSv, $group, $turns, $place]) {
                if ($itsTv !== $tv) {
                    $turns += $reachShutter + $shutter * abs($itsTv - $tv);
                }
                if ($itsAv !== $av) {
                    $turns += $reachAperture + $aperture * abs($itsAv - $av);
                }
                if ($itsSv !== $sv) {
                    $turns += $reachIso + $iso * abs($itsSv - $sv);
                }
                if ($turns < $least[$group]) {
                    $least[$group] = $turns;
                    $by[$group] = $place;
                }
            }
            asort($least);
            foreach ($places as $at) {
                $row = $to[$at];
                $rest = $rests[$row[3]][$row[4]][$row[5]] ??= $this->fromGroups($groups, $row);
                $best = INF;
                foreach ($least as $group => $turns) {
                    if ($turns >= $best) {
                        break;
                    }
                    if ($turns + $rest[$group] < $best) {
                        $best = $turns + $rest[$group];
                        $came[$at] = $by[$group];
                    }
                }
                $reached[$at] = $best;
            }
        }

        return [$reached, $came];
    }

    /**
     * Whether a row is reached for no more turns from another of its bar.
     *
     * @param Row $row
     * @param float $sum of turns up to it
     * @param array<int, Row> $others
     * @param array<int, float> $sums up to each of them, least first
     */
    public function isReachedFrom(array $others, array $sums, array $row, float $sum): bool
    {
        foreach ($sums as $place => $turns) {
            if ($turns + $this->least > $sum) {
                return false;
            }
            if ($turns + $this->between($others[$place], $row) <= $sum) {
                return true;
            }
        }

        return false;
    }

    /**
     * Turns of flash and lens from each group of output, way and lens.
     *
     * @param array<int, Row> $groups a row of each
     * @param Row $to
     *
     * @return array<int, float>
     */
    private function fromGroups(array $groups, array $to): array
    {
        $turns = [];
        foreach ($groups as $group => $row) {
            $turns[$group] = $this->ofFlash($row[3], $row[4], $to[3], $to[4]) + ($row[5] === $to[5] ? 0.0 : $this->lens);
        }

        return $turns;
    }

    /**
     * @param Row $from
     * @param Row $to
     */
    private function ofCamera(array $from, array $to): float
    {
        return ($from[0] === $to[0] ? 0.0 : $this->reachShutter + $this->shutter * abs($from[0] - $to[0]))
            + ($from[1] === $to[1] ? 0.0 : $this->reachAperture + $this->aperture * abs($from[1] - $to[1]))
            + ($from[2] === $to[2] ? 0.0 : $this->reachIso + $this->iso * abs($from[2] - $to[2]));
    }

    private function ofFlash(int $output, int $way, int $toOutput, int $toWay): float
    {
        return match (true) {
            $output === Choices::OFF, $toOutput === Choices::OFF => $output === $toOutput ? 0.0 : $this->flash,
            default => ($output === $toOutput ? 0.0 : $this->reachOutput + $this->output * abs($output - $toOutput))
                + ($way === $toWay ? 0.0 : $this->head),
        };
    }
}
