<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\ControlScales;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Solution;

/**
 * Every place at which the controls could stand during a bar: within all limits, with room and face
 * no more than a sixth of a stop farther from the wish than the bar's own best answer leaves them.
 *
 * Rows are lists of numbers and not objects, for a night has tens of thousands: Tv, Av, Sv and output in
 * thirtieths of a stop, and numbers that name the way and the lens.
 *
 * @see docs/physics.md, “The night as a whole”
 *
 * @phpstan-type Row array{int, int, int, int, int, int}
 */
final readonly class Choices
{
    /** Output of a flash that is off: where its dial stands does not matter. */
    public const OFF = 1000;

    /** Stops of trouble by which the light of another way may be worse than that of the best. */
    private const UGLIER = 0.5;

    /** Trouble of another lens than the planned one, stops: somebody chose that. */
    private const OTHER_LENS = 1.0;

    /** Trouble of a moment that no light reaches, stops: where sums still add up. */
    private const HOPELESS = 1000.0;

    /**
     * @param non-empty-list<Row> $rows the bar's own best answer first
     * @param non-empty-list<float> $trouble of each, stops
     * @param array<int, Candidate> $ways by number
     * @param array<int, Bar> $bars by lens
     * @param Solution|null $held where all controls stay; null where they are free
     */
    private function __construct(
        public Solution $alone,
        public array $rows,
        public array $trouble,
        private array $ways,
        private array $bars,
        private ?Solution $held = null,
    ) {}

    /**
     * @param list<Bar> $bars
     *
     * @return list<self> of each
     */
    public static function allOf(array $bars, Favour $favour, ?KnownLights $known): array
    {
        return array_map(
            static fn(Bar $bar, Solution $alone): self => self::of($bar, $alone, $favour),
            $bars,
            array_values(MomentSolver::solveAll(array_map(static fn(Bar $b): Moment => $b->light, $bars), $known)),
        );
    }

    private static function of(Bar $bar, Solution $alone, Favour $favour): self
    {
        $held = $bar->held === null ? null : self::held($alone, $bar->held);
        if ($held !== null) {
            $row = self::rowOf($held->best, $bar->inHand->lens);

            return new self($alone, [$row], [min(self::HOPELESS, $held->best->trouble())], [], [$row[5] => $bar], $held);
        }
        $yardstick = Yardstick::of($alone, $favour, $bar->bearableOutput());
        $settings = self::settings($alone, $yardstick);
        $own = self::rowOf($alone->best, $bar->inHand->lens);
        $rows = [$own];
        $trouble = [min(self::HOPELESS, $alone->best->trouble())]; // until the yardstick has measured it as all others
        $ways = [];
        foreach (self::waysOf($alone) as $way) {
            $ways[$number = self::numberOf($way)] = $way;
            foreach ($settings as [$tv, $av, $sv]) {
                foreach ($yardstick->outputs($tv, $av, $sv, $way) as [$output, $against]) {
                    $row = [$tv, $av, $sv, $output, $number, $own[5]];
                    $place = $row === $own ? 0 : count($rows);
                    $rows[$place] = $row;
                    $trouble[$place] = $against;
                }
            }
        }
        $self = new self($alone, array_values($rows), array_values($trouble), $ways, [$own[5] => $bar]);

        return $bar->others === [] ? $self : $self->orThrough($bar->others);
    }

    /** The bar where everything stays; null where the head cannot point so here. */
    private static function held(Solution $alone, Stand $stand): ?Solution
    {
        foreach ([$alone->best, ...$alone->candidates, ...$alone->leftOut] as $way) {
            if (Stand::wayOf($way) === $stand->way) {
                return $alone->moved($way, $stand->settings, $stand->output);
            }
        }

        return null;
    }

    /**
     * The same places once more for each other lens that has their apertures: the frame, and so the light, are the same.
     *
     * @param non-empty-list<Bar> $others
     */
    private function orThrough(array $others): self
    {
        [$rows, $trouble, $bars] = [$this->rows, $this->trouble, $this->bars];
        foreach ($others as $bar) {
            $number = $bar->inHand->lens->number();
            $bars[$number] = $bar;
            [$widest, $narrowest] = [$bar->light->lens->widest->av->thirtieths, $bar->light->lens->narrowest->av->thirtieths];
            foreach ($this->rows as $place => $row) {
                if ($row[1] >= $widest && $row[1] <= $narrowest) {
                    $row[5] = $number;
                    $rows[] = $row;
                    $trouble[] = $this->trouble[$place] + self::OTHER_LENS;
                }
            }
        }

        return new self($this->alone, $rows, $trouble, $this->ways, $bars);
    }

    /**
     * The bar at the settings of a row, its own best answer for the first, and where there is none; and alone.
     *
     * @return array{Bar, Solution, Solution}
     */
    public function solved(int $place, ?KnownLights $known): array
    {
        [$tv, $av, $sv, $output, $way, $lens] = $this->rows[$place] ?? $this->rows[0];
        $bar = $this->bars[$lens];
        if ($place === 0 || !isset($this->rows[$place])) {
            return [$bar, $this->held ?? $this->alone, $this->alone];
        }
        $solution = $bar->insteadOf === null ? $this->alone : MomentSolver::solve($bar->light, $known);
        $at = ExactStops::fromThirtieths(...);

        return [$bar, $solution->moved(
            $this->ways[$way],
            ExposureSettings::of(Shutter::of($at($tv)), Aperture::of($at($av)), Iso::of($at($sv)), $solution->moment->look->aids),
            $output === self::OFF ? Output::off() : Output::of($at($output)),
        ), $this->alone];
    }

    /**
     * Settings that make the room read as it may; those of the bar's own best answer are always among them.
     *
     * @return list<array{int, int, int}>
     */
    private static function settings(Solution $alone, Yardstick $yardstick): array
    {
        $scales = ControlScales::of($alone->moment);
        $isos = array_map(static fn(Iso $i): int => $i->sv->thirtieths, $scales->isos);
        $own = $alone->best->choice->settings;
        $own = [$own->shutter->tv->thirtieths, $own->aperture->av->thirtieths, $own->iso->sv->thirtieths];
        $settings = [implode(' ', $own) => $own];
        foreach ($scales->apertures as $aperture) {
            $av = $aperture->av->thirtieths;
            foreach ($scales->shutters as $shutter) {
                $tv = $shutter->tv->thirtieths;
                foreach ($isos as $sv) {
                    if ($yardstick->bears($tv, $av, $sv)) {
                        $settings["$tv $av $sv"] = [$tv, $av, $sv];
                    }
                }
            }
        }

        return array_values($settings);
    }

    /**
     * Where a way with its settings stands.
     *
     * @return Row
     */
    public static function rowOf(Candidate $best, Thing $lens): array
    {
        $settings = $best->choice->settings;

        return [
            $settings->shutter->tv->thirtieths,
            $settings->aperture->av->thirtieths,
            $settings->iso->sv->thirtieths,
            $best->output->stops->thirtieths ?? self::OFF,
            self::numberOf($best),
            $lens->number(),
        ];
    }

    /** @return list<Candidate> the best way and those whose light is not much worse; the best alone where somebody insists on it */
    private static function waysOf(Solution $alone): array
    {
        $best = $alone->best;
        if ($best->isOff() || $best->light->aim === $alone->moment->pointing->aim) {
            return [$best];
        }

        return array_values(array_filter(
            $alone->candidates,
            static fn(Candidate $c): bool => $c === $best || $c->troubleOfLight() <= $best->troubleOfLight() + self::UGLIER,
        ));
    }

    private static function numberOf(Candidate $way): int
    {
        return crc32(Stand::wayOf($way));
    }
}
