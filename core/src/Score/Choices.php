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
 * thirtieths of a stop, and a number that names the way.
 *
 * @see docs/physics.md, “The night as a whole”
 *
 * @phpstan-type Row array{int, int, int, int, int}
 */
final readonly class Choices
{
    /** Output of a flash that is off: where its dial stands does not matter. */
    public const OFF = 1000;

    /** Stops of trouble by which the light of another way may be worse than that of the best. */
    private const UGLIER = 0.5;

    /** Trouble of a moment that no light reaches, stops: where sums still add up. */
    private const HOPELESS = 1000.0;

    /**
     * @param non-empty-list<Row> $rows the bar's own best answer first
     * @param non-empty-list<float> $trouble of each, stops
     * @param array<int, Candidate> $ways by number
     */
    private function __construct(
        public Solution $alone,
        public array $rows,
        public array $trouble,
        private array $ways,
    ) {}

    /**
     * @param list<Bar> $bars
     *
     * @return list<self> of each
     */
    public static function allOf(array $bars, Favour $favour, ?KnownLights $known): array
    {
        return array_values(array_map(
            static fn(Solution $alone): self => self::of($alone, $favour),
            MomentSolver::solveAll(array_map(static fn(Bar $b): Moment => $b->light, $bars), $known),
        ));
    }

    public static function of(Solution $alone, Favour $favour): self
    {
        $yardstick = Yardstick::of($alone, $favour);
        $settings = self::settings($alone, $yardstick);
        $own = self::rowOf($alone->best);
        $rows = [$own];
        $trouble = [min(self::HOPELESS, $alone->best->trouble())]; // until the yardstick has measured it as all others
        $ways = [];
        foreach (self::waysOf($alone) as $way) {
            $ways[$number = self::numberOf($way)] = $way;
            foreach ($settings as [$tv, $av, $sv]) {
                foreach ($yardstick->outputs($tv, $av, $sv, $way) as [$output, $against]) {
                    $row = [$tv, $av, $sv, $output, $number];
                    $place = $row === $own ? 0 : count($rows);
                    $rows[$place] = $row;
                    $trouble[$place] = $against;
                }
            }
        }

        return new self($alone, array_values($rows), array_values($trouble), $ways);
    }

    /** The bar at the settings of a row; its own best answer for the first, and where there is none. */
    public function solution(int $place): Solution
    {
        if ($place === 0 || !isset($this->rows[$place])) {
            return $this->alone;
        }
        [$tv, $av, $sv, $output, $way] = $this->rows[$place];
        $at = ExactStops::fromThirtieths(...);

        return $this->alone->moved(
            $this->ways[$way],
            ExposureSettings::of(Shutter::of($at($tv)), Aperture::of($at($av)), Iso::of($at($sv)), $this->alone->moment->look->aids),
            $output === self::OFF ? Output::off() : Output::of($at($output)),
        );
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
        $own = self::rowOf($alone->best);
        $settings = ["$own[0] $own[1] $own[2]" => [$own[0], $own[1], $own[2]]];
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
    public static function rowOf(Candidate $best): array
    {
        $settings = $best->choice->settings;

        return [
            $settings->shutter->tv->thirtieths,
            $settings->aperture->av->thirtieths,
            $settings->iso->sv->thirtieths,
            $best->output->stops->thirtieths ?? self::OFF,
            self::numberOf($best),
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
