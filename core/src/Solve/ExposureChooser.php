<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Wish\School;

/**
 * Room first: shutter, aperture and ISO that make the room read as wished.
 *
 * Once the room's level is fixed, Tv + Av − Sv is fixed, and the flash output
 * follows from the shutter alone: a slower shutter asks for less light through
 * the lens and so for more flash. So the shutter is chosen first, as slow as
 * hands hold, faster only to bring the flash down to a quarter or, at the lowest
 * ISO, to keep the aperture that its owner likes; then aperture and ISO share out
 * the rest. Other schools hold other things still.
 *
 * @see docs/physics.md, “The solver”
 *
 * @phpstan-all-methods-pure
 */
final readonly class ExposureChooser
{
    /** Output up to which a unit recycles fast and stays cool, stops under full. */
    public const EASY_OUTPUT = -2.0;

    private function __construct(
        private Moment $moment,
        private ControlScales $scales,
        /** @var array<int, ExposureSettings> by place of the shutter; the same for every way to point the head */
        private array $byShutter,
    ) {}

    public static function for(Moment $moment): self
    {
        $scales = ControlScales::of($moment);

        return new self($moment, $scales, $scales->byShutter());
    }

    /** @param float $faceExposure luminous exposure on the face at full power, lx·s, 0 or more */
    public function choose(float $faceExposure): ExposureChoice
    {
        return match ($this->moment->look->school) {
            School::ShutterFirst, School::FreeHand => $this->shutterFirst($faceExposure, self::EASY_OUTPUT),
            // Time and aperture stay, however hard the flash has to work.
            School::IsoFloats => $this->shutterFirst($faceExposure, INF),
            School::LongTime => $this->longTime($faceExposure),
        };
    }

    /** @param float $easy output up to which a slower shutter is not given up, stops under full */
    private function shutterFirst(float $faceExposure, float $easy): ExposureChoice
    {
        $fitting = $closed = [];
        foreach ($this->byShutter as $i => $settings) {
            if ($this->isClosedDown($settings)) {
                $closed[$i] = $settings;
                continue;
            }
            $fitting[$i] = $settings;
            if ($this->outputFor($settings, $faceExposure) <= $easy) {
                return $this->fitted($settings, $this->easyBound($i, array_key_first($fitting)));
            }
        }
        if ($fitting === [] && $closed === []) {
            return $this->nearestMiss();
        }
        $fitting = $fitting === [] ? $closed : $fitting;
        $least = $this->least($fitting, $faceExposure);

        return $this->fitted($fitting[$least], match (true) {
            $this->moment->look->locks->shutter !== null => Limit::Held,
            $fitting[$least]->shutter->tv->thirtieths >= $this->moment->body->sync->tv->thirtieths => Limit::Sync,
            $least === array_key_last($fitting) => Limit::UsableIso,
            default => Limit::RoomLevel,
        });
    }

    /** Whether the light at the lowest ISO forces an aperture narrower than the one liked: a faster shutter may save it. */
    private function isClosedDown(ExposureSettings $settings): bool
    {
        return $this->moment->look->locks->aperture === null
            && $settings->iso === $this->scales->isos[0]
            && $settings->aperture->av->thirtieths > $this->moment->look->workingAperture->av->thirtieths;
    }

    /**
     * Up to sync the fastest asks for the least output; where the flash pulses, faster costs it light.
     *
     * @param non-empty-array<int, ExposureSettings> $fitting
     */
    private function least(array $fitting, float $faceExposure): int
    {
        $synced = array_filter($fitting, static fn(ExposureSettings $s): bool => !$s->aids->pulsesAt($s->shutter));
        $last = array_key_last($synced);
        $pulsing = array_key_first(array_diff_key($fitting, $synced));

        return match (true) {
            $last === null => (int) $pulsing,
            $pulsing !== null && $this->outputFor(
                $fitting[$pulsing],
                $faceExposure,
            ) < $this->outputFor($fitting[$last], $faceExposure) => $pulsing,
            default => $last,
        };
    }

    /** The lowest ISO at which some shutter makes the room and the flash can make the face. */
    private function longTime(float $faceExposure): ExposureChoice
    {
        $first = null;
        foreach ($this->scales->byIso() as $settings) {
            $first ??= $settings;
            if ($this->outputFor($settings, $faceExposure) <= 0.0) {
                return $this->fitted($settings, $this->longBound(), $settings === $first ? null : Limit::FullOutput);
            }
        }

        return $first === null ? $this->nearestMiss() : $this->fitted($first, $this->longBound());
    }

    private function longBound(): Limit
    {
        return $this->moment->look->locks->shutter === null ? Limit::RoomLevel : Limit::Held;
    }

    /**
     * Stops against full power at which the flash, beside the room, makes the face right.
     *
     * @param float $faceExposure lx·s at full power; 0 asks for endlessly much
     */
    public function outputFor(ExposureSettings $settings, float $faceExposure): float
    {
        $wanted = FaceBalance::flashBeside($settings->offsetOf($this->moment->glow), $this->moment->look->fill);

        return $wanted->minus($settings->levelOfFlash($faceExposure))->value;
    }

    private function slowestTv(): float
    {
        return $this->moment->body->steadinessAt($this->moment->lens->focalLength)->timeValue();
    }

    /** What decided the slowest shutter at which the flash has an easy time. */
    private function easyBound(int $chosen, int $firstFitting): Limit
    {
        return match (true) {
            $this->moment->look->locks->shutter !== null => Limit::Held,
            $chosen > $firstFitting => Limit::QuarterOutput,
            $chosen > 0 => Limit::BaseIso,
            $this->shake($this->scales->shutters[0]) > 0.0 => Limit::Sync,
            default => Limit::HandHeld,
        };
    }

    /** Stops by which a shutter is slower than hands hold, where that is not meant. */
    private function shake(Shutter $shutter): float
    {
        return $this->moment->look->acceptsShake() ? 0.0 : max(0.0, $this->slowestTv() - $shutter->tv->value());
    }

    private function fitted(ExposureSettings $settings, Limit $shutterBound, ?Limit $isoBound = null): ExposureChoice
    {
        return new ExposureChoice(
            $settings,
            $shutterBound,
            $this->apertureBound($settings),
            $isoBound ?? $this->isoBound($settings->iso),
            0.0,
            0.0,
            $this->shake($settings->shutter),
        );
    }

    private function apertureBound(ExposureSettings $settings): Limit
    {
        $av = $settings->aperture->av->thirtieths;
        $working = $this->moment->look->workingAperture->av->thirtieths;
        $lens = $this->moment->lens;

        return match (true) {
            $this->moment->look->locks->aperture !== null => Limit::Held,
            $av === $working => Limit::WorkingAperture,
            $av === $lens->widest->av->thirtieths => Limit::WidestAperture,
            $av === $lens->narrowest->av->thirtieths => Limit::NarrowestAperture,
            $av < $working && $this->isoBound($settings->iso) === Limit::UsableIso => Limit::UsableIso,
            $av > $working && $this->isoBound($settings->iso) === Limit::BaseIso => Limit::BaseIso,
            default => Limit::RoomLevel,
        };
    }

    private function isoBound(Iso $iso): Limit
    {
        return match ($this->moment->look->locks->iso ?? $iso) {
            $this->moment->look->locks->iso => Limit::Held,
            $this->scales->isos[count($this->scales->isos) - 1] => Limit::UsableIso,
            $this->scales->isos[0] => Limit::BaseIso,
            default => Limit::RoomLevel,
        };
    }

    /** The best settings for a room too dark or too bright for any, and by how much they miss. */
    private function nearestMiss(): ExposureChoice
    {
        $locks = $this->moment->look->locks;
        $aids = $this->moment->look->aids;
        $free = $this->moment->look->isFree();
        $slow = $this->scales->brightest();
        $fast = $this->scales->darkest();
        $level = $this->moment->roomLevel;
        $tooDark = $level->minus($slow->offsetOf($this->moment->glow))->value;
        $tooBright = $fast->offsetOf($this->moment->glow)->minus($level)->value;
        $isDark = $tooDark > $tooBright;
        $bound = static fn(?object $lock, Limit $dark, Limit $bright): Limit => $lock !== null
            ? Limit::Held
            : ($isDark ? $dark : $bright);

        return new ExposureChoice(
            $isDark ? $slow : $fast,
            $bound(
                $locks->shutter,
                $this->moment->look->acceptsShake() ? Limit::LongestTime : Limit::HandHeld,
                $aids->pulses() ? Limit::FastestShutter : Limit::Sync,
            ),
            $bound($locks->aperture, Limit::WidestAperture, Limit::NarrowestAperture),
            $bound($locks->iso, Limit::UsableIso, Limit::BaseIso),
            $isDark && !$free ? $tooDark : 0.0,
            $isDark || $free ? 0.0 : $tooBright,
            $this->shake($isDark ? $slow->shutter : $fast->shutter),
        );
    }
}
