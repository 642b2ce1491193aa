<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Illuminance;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Mired;

/**
 * Start here for the light of a room through an evening: daylight through its windows and
 * its lamps on their dimmers, corrected by what was measured there.
 *
 * The model is E(t) = 2^a·share·outdoors(t) + 2^b·lamps(t). The corrections a and b are 0
 * but for a doubt (a stop for windows and for lamps that were described, four for lamps
 * that nobody described) and follow from the readings by weighted least squares on
 * stops (Gauss–Newton); their covariance gives the doubt of the curve.
 *
 * @see docs/physics.md, “A room”
 * @see docs/physics.md, “A reading that disagrees”
 */
final readonly class RoomGlow
{
    private const DESCRIBED = 1.0;
    private const UNKNOWN = 4.0;

    /** lx that a room is taken to have when nobody said anything about its lamps: a dim restaurant. */
    private const SOME_LAMPS = 30.0;

    /** The same out of doors: a lamp over a door somewhere. */
    private const SOME_LAMPS_OUTDOORS = 1.25;
    private const SOME_KELVIN = 2900.0;

    /** Doubt that no reading takes away: the room changes from spot to spot. */
    private const SPOT = 0.2;

    /** Grows whenever the same readings may give another curve. */
    public const EDITION = 2;

    /** lx of a room with nothing in it that shines. */
    private const DARK = 0.02;

    private const ROUNDS = 8;

    /** Sigmas from which a reading is said to disagree with the rest. */
    private const ODD = 2.5;

    /** Readings of which one can disagree with the rest. */
    private const ENOUGH = 3;

    /**
     * @param list<Lamp> $lamps
     * @param array<int, array{float, float, float, float}> $samples of each reading that tells of it, by its index: lx by day and by lamps as described, EV, doubt
     * @param array{float, float} $corrections a and b
     * @param array{float, float, float} $covariance of a, of both, of b
     */
    private function __construct(
        private Place $place,
        private Openings $openings,
        private array $lamps,
        private array $samples,
        private array $corrections,
        private array $covariance,
    ) {}

    /**
     * @param list<Lamp> $lamps
     * @param list<LightReading> $readings
     */
    public static function of(Place $place, Openings $openings, array $lamps, array $readings): self
    {
        $described = new self($place, $openings, $lamps, [], [0.0, 0.0], [0.0, 0.0, 0.0]);

        $samples = [];
        foreach ($readings as $i => $reading) {
            // Light on people is another thing than the room behind them (SpotGlow).
            if ($reading->of !== ReadingOf::People) {
                [$day, $lit] = $described->parts($reading->at);
                $samples[$i] = [$day, $lit, $reading->glow->ev, $reading->kind->doubt()];
            }
        }

        return $described->learntFrom($samples);
    }

    public function at(\DateTimeImmutable $time): GlowPoint
    {
        [$day, $lamps, $mired] = $this->parts($time);
        $lux = $day + $lamps + self::DARK;
        $range = ExposureValue::range();

        return new GlowPoint(
            $time,
            ExposureValue::atIso100($range->nearest(Illuminance::ofLux($lux)->ev())),
            hypot($this->doubt($day / $lux, $lamps / $lux), self::SPOT),
            Kelvin::ofMired(Mired::of($mired)),
            $day / $lux,
        );
    }

    /**
     * Readings that lie farther from the curve that all others make than chance explains, and
     * by how many stops they lie over it; the worst first, and each without those before it.
     *
     * @return array<int, float> by index of the reading
     */
    public function oddReadings(): array
    {
        $odd = [];
        $left = $this->samples;
        while (count($left) >= self::ENOUGH) {
            [$worst, $off, $sigmas] = $this->worstOf($left);
            if ($sigmas <= self::ODD) {
                break;
            }
            $odd[$worst] = $off;
            unset($left[$worst]);
        }

        return $odd;
    }

    /**
     * @param array<int, array{float, float, float, float}> $samples
     *
     * @return array{int, float, float} index, stops over the curve of the others, the same in sigmas
     */
    private function worstOf(array $samples): array
    {
        $worst = [0, 0.0, 0.0];
        foreach ($samples as $i => [$day, $lit, $ev, $doubt]) {
            $others = $this->learntFrom(array_filter($samples, static fn(int $j): bool => $j !== $i, ARRAY_FILTER_USE_KEY));
            [$d, $l] = $others->corrected($day, $lit);
            $lux = $d + $l + self::DARK;
            $off = $ev - Illuminance::ofLux($lux)->ev();
            $sigmas = abs($off) / hypot(hypot($doubt, self::SPOT), $others->doubt($d / $lux, $l / $lux));
            if ($sigmas > $worst[2]) {
                $worst = [$i, $off, $sigmas];
            }
        }

        return $worst;
    }

    /** @param array<int, array{float, float, float, float}> $samples */
    private function learntFrom(array $samples): self
    {
        $model = new self($this->place, $this->openings, $this->lamps, $samples, [0.0, 0.0], [0.0, 0.0, 0.0]);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $model = $model->improved();
        }

        return $model;
    }

    private function improved(): self
    {
        $sigmaLamps = $this->lamps === [] ? self::UNKNOWN : self::DESCRIBED;
        [$a, $b] = $this->corrections;
        [$naa, $nab, $nbb] = [self::DESCRIBED ** -2, 0.0, $sigmaLamps ** -2];
        [$ra, $rb] = [-$a * $naa, -$b * $nbb];
        foreach ($this->samples as [$described, $lit, $ev, $doubt]) {
            [$day, $lamps] = $this->corrected($described, $lit);
            $lux = $day + $lamps + self::DARK;
            $off = $ev - Illuminance::ofLux($lux)->ev();
            $weight = $doubt ** -2;
            $naa += $weight * ($day / $lux) ** 2;
            $nab += $weight * $day * $lamps / $lux ** 2;
            $nbb += $weight * ($lamps / $lux) ** 2;
            $ra += $weight * $off * $day / $lux;
            $rb += $weight * $off * $lamps / $lux;
        }
        $det = $naa * $nbb - $nab * $nab;
        $bounded = static fn(float $step): float => max(-2.0, min(2.0, $step));

        return new self(
            $this->place,
            $this->openings,
            $this->lamps,
            $this->samples,
            [$a + $bounded(($ra * $nbb - $rb * $nab) / $det), $b + $bounded(($rb * $naa - $ra * $nab) / $det)],
            [$nbb / $det, -$nab / $det, $naa / $det],
        );
    }

    /** Doubt of the corrections where windows and lamps have these shares, stops. */
    private function doubt(float $day, float $lamps): float
    {
        [$aa, $ab, $bb] = $this->covariance;

        return sqrt(max(0.0, $day * $day * $aa + 2.0 * $day * $lamps * $ab + $lamps * $lamps * $bb));
    }

    /** @return array{float, float} lx by day and by lamps, as learnt */
    private function corrected(float $day, float $lamps): array
    {
        return [2.0 ** $this->corrections[0] * $day, 2.0 ** $this->corrections[1] * $lamps];
    }

    /** @return array{float, float, float} lx by day and by lamps, mired of both together */
    private function parts(\DateTimeImmutable $time): array
    {
        $sun = SunPosition::at($this->place->latitude, $this->place->longitude, $time);
        $minute = Evening::minutes($time->setTimezone($this->place->zone)->format('H:i'));
        $lit = match (true) {
            $this->lamps !== [] => 0.0,
            $this->openings->isOutdoors() => self::SOME_LAMPS_OUTDOORS,
            default => self::SOME_LAMPS,
        };
        $warmth = $lit * 1e6 / self::SOME_KELVIN;
        foreach ($this->lamps as $lamp) {
            $light = $lamp->at($minute)->lux;
            $lit += $light;
            $warmth += $light * $lamp->colourAt($minute)->mired()->mired;
        }
        [$day, $lamps] = $this->corrected($this->openings->shareUnder($sun) * Daylight::light($sun)->lux, $lit);
        $mired = $lit > 0.0 ? $warmth / $lit : 1e6 / self::SOME_KELVIN;
        $lux = $day + $lamps;

        return [
            $day,
            $lamps,
            $lux > 0.0 ? ($day * 1e6 / Daylight::colour($sun)->kelvin + $lamps * $mired) / $lux : $mired,
        ];
    }
}
