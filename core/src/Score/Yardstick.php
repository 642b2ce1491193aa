<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\FaceBalance;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Solve\Tolerance;

/**
 * How settings of a bar measure up: how far room and face lie from the wish, and what speaks against them.
 *
 * Settings come as places in thirtieths of a stop, and are not built: a bar has hundreds of them.
 *
 * @see docs/physics.md, “The night as a whole”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Yardstick
{
    /** Stops by which room and face may lie farther from the wish than in the bar's own best answer. */
    private const WORSE = Tolerance::ROUNDING;

    /** Trouble of a stop by which the room misses its wish, and the face. */
    private const ROOM = 1.0;
    private const FACE = 1.5;

    /** Trouble of a stop of smear that shows. */
    private const SMEAR = 0.5;

    /** Rounding of numbers, stops. */
    private const HAIR = 1e-9;

    private function __construct(
        private Solution $alone,
        private Taste $taste,
        private float $perOutput,
        /** Level of what is held at Tv, Av and Sv 0, stops. */
        private float $glow,
        /** Stops by which the room lights the face better than what is held, and what is behind. */
        private float $faceOver,
        private float $behindOver,
        /** Levels that are wished, stops. */
        private float $room,
        private float $face,
        /** Stops by which they may be missed. */
        private float $roomOff,
        private float $faceOff,
        /** Tv from which somebody who moves looks sharp by the room's light alone. */
        private float $sharpFrom,
        /** Stops of smear that may show. */
        private float $smear,
        /** Lowest output of the unit, stops against full power. */
        private float $lowest,
        /** Outputs that may be asked for: beyond what the unit gives only where the bar's own best answer does. */
        private float $least,
        private float $most,
        /** Output beyond which the unit gets hot, or is not ready in time; the bar's own where that is more already. */
        private float $bearable,
    ) {}

    /** @param float $bearable stops under full power, 0 or less, up to which the unit stays cool and is ready for the next frame */
    public static function of(Solution $alone, Favour $favour, float $bearable): self
    {
        $moment = $alone->moment;
        $look = $moment->look;
        $room = $moment->roomLevel;
        $face = ($look->withoutFlash ? $moment->wishedOnFace() : FaceBalance::wished($moment->wishedOnFace(), $look->fill))->value;
        $levels = $alone->levels;
        $sharpFrom = $look->acceptsShake() ? -INF : $moment->blur()->sharpFrom();
        $shutter = $alone->best->choice->settings->shutter->tv->value();
        $wanted = $alone->best->wantedOutput;
        $lowest = $moment->flash->lowest->value();

        return new self(
            $alone,
            Taste::of($alone, $favour),
            $favour->output(),
            $moment->held->ev - $look->aids->density,
            $moment->onFace->ev - $moment->held->ev,
            $moment->glow->ev - $moment->held->ev,
            $room->value,
            $face,
            abs($levels->held($look->hold)->value - $room->value) + self::WORSE + self::HAIR,
            abs($levels->face->value - $face) + self::WORSE + self::HAIR,
            $sharpFrom,
            max(0.0, self::smearOf($sharpFrom - $shutter, $levels->faceRoom->value, $levels->face->value)) + self::WORSE + self::HAIR,
            $lowest,
            min($lowest, $wanted) - self::WORSE - self::HAIR,
            max($wanted, $wanted > 0.0 ? 0.0 : $bearable) + self::WORSE + self::HAIR,
            max($bearable, $alone->best->output->value()),
        );
    }

    /** Whether settings come into question, in thirtieths of a stop. */
    public function bears(int $tv, int $av, int $sv): bool
    {
        return $this->taste->bears($tv, $av, $sv) && abs($this->roomAt($tv, $av, $sv) - $this->room) <= $this->roomOff;
    }

    /** Level of what is held, stops: ExposureSettings::offsetOf() for places. */
    private function roomAt(int $tv, int $av, int $sv): float
    {
        return $this->glow - ($tv + $av - $sv) / 30.0;
    }

    /**
     * The outputs that make the face right, as far as the unit gives them; Choices::OFF alone for a flash that is off.
     *
     * @return list<array{int, float}> each with the trouble of standing so, stops
     */
    public function outputs(int $tv, int $av, int $sv, Candidate $way): array
    {
        $room = $this->roomAt($tv, $av, $sv);
        $common = self::ROOM * abs($room - $this->room) + $this->taste->troubleOf($tv, $av, $sv);
        $tooSlow = $this->sharpFrom - $tv / 30.0;
        if ($way->isOff()) {
            return $tooSlow > $this->smear ? [] : [[Choices::OFF, $common + self::SMEAR * max(0.0, $tooSlow)]];
        }
        $loss = $this->alone->moment->look->aids->flashLoss(Shutter::of(ExactStops::fromThirtieths($tv)));
        $full = self::flashAt($way->light->onFace(), $av, $sv) - $loss;
        $onFace = $room + $this->faceOver;
        $spill = self::flashAt($way->light->backdrop, $av, $sv) - $loss - $room - $this->behindOver;
        $wanted = FaceBalance::flashBeside(Stops::of($onFace), $this->alone->moment->look->fill)->value - $full;
        if ($wanted > $this->most || $wanted < $this->least) {
            return [];
        }
        $common += $way->troubleOfLight() + Candidate::troubleOfOutput($wanted, $this->lowest);
        $outputs = [];
        foreach ($this->clicksAround($wanted) as $output) {
            $face = log(2.0 ** $onFace + 2.0 ** ($full + $output / 30.0), 2);
            $smear = self::smearOf($tooSlow, $onFace, $face);
            if ($output / 30.0 <= $this->bearable + self::HAIR && abs($face - $this->face) <= $this->faceOff && $smear <= $this->smear) {
                $outputs[] = [$output, $common
                    + Candidate::troubleOfSpill($spill + $output / 30.0)
                    + $this->perOutput * ($output / 30.0 - $this->lowest)
                    + self::FACE * abs($face - $this->face)
                    + self::SMEAR * max(0.0, $smear)];
            }
        }

        return $outputs;
    }

    /** Level that a full pop of so much light gives, stops: ExposureSettings::levelOfFlash() for places. @param float $luxSeconds 0 or more */
    private static function flashAt(float $luxSeconds, int $av, int $sv): float
    {
        return log(max(1e-12, $luxSeconds) * 100.0 / ExposureValue::C, 2) + ($sv - $av) / 30.0;
    }

    /** @return list<int> clicks of the unit at a wish, next to it, or at the end of the scale */
    private function clicksAround(float $wanted): array
    {
        $step = $this->alone->moment->flash->step->thirtieths();
        $lowest = $this->alone->moment->flash->lowest->thirtieths;
        $nearest = max($lowest, min(0, (int) round($wanted * 30.0 / $step) * $step));

        return array_values(array_filter(
            [$nearest, $nearest - $step, $nearest + $step],
            static fn(int $output): bool => $output <= 0 && $output >= $lowest,
        ));
    }

    /** Stops of smear that shows: half of the light being the room's leaves half of it to be seen. */
    private static function smearOf(float $tooSlow, float $room, float $face): float
    {
        return $tooSlow + min(0.0, $room - $face);
    }
}
