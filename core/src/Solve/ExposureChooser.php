<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Exposure\Aperture;
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
 * @see docs/physics.md, “Without flash”
 *
 * @phpstan-all-methods-pure
 */
final readonly class ExposureChooser
{
    /** Output up to which a unit recycles fast and stays cool, stops under full. */
    public const EASY_OUTPUT = -2.0;

    /** Stops under the wish to which the room may fall so that the lowest output is not too much: beyond it is black. */
    private const FALL = 6.0;

    /** Stops over the lowest ISO up to which files count as clean: the aperture that is liked is worth as much. */
    private const STILL_CLEAN = 3.0;

    private function __construct(
        private Moment $moment,
        private ControlScales $scales,
        private ExposureBounds $bounds,
        /** @var array<int, ExposureSettings> by place of the shutter; the same for every way to point the head */
        private array $byShutter,
    ) {}

    public static function for(Moment $moment): self
    {
        $scales = ControlScales::of($moment);

        return new self($moment, $scales, ExposureBounds::of($moment, $scales), $scales->byShutter());
    }

    /** @param float $faceExposure luminous exposure on the face at full power, lx·s, 0 or more */
    public function choose(float $faceExposure): ExposureChoice
    {
        $choice = match ($this->moment->look->school) {
            School::ShutterFirst, School::FreeHand => $this->shutterFirst($faceExposure, self::EASY_OUTPUT),
            // Time and aperture stay, however hard the flash has to work.
            School::IsoFloats => $this->shutterFirst($faceExposure, INF),
            School::LongTime => $this->longTime($faceExposure),
        };

        return $choice->tooBright > 0.0 || $this->isWeakEnough($choice->settings, $faceExposure)
            ? $choice
            : $this->fallen($choice, $faceExposure) ?? $choice;
    }

    /**
     * The room alone: as slow as hands hold and people who move stay sharp, as far as ISO and lens go.
     */
    public function withoutFlash(): ExposureChoice
    {
        $open = array_filter($this->byShutter, fn(ExposureSettings $s): bool => !$this->isClosedDown($s));
        $fitting = $open === [] ? $this->byShutter : $open;
        if ($fitting === []) {
            return $this->bounds->nearestMiss();
        }
        $sharpFrom = $this->moment->blur()->sharpFrom();
        foreach ($fitting as $i => $settings) {
            if ($settings->shutter->tv->value() >= $sharpFrom - 1e-9) {
                return $this->bounds->fitted($settings, match (true) {
                    $this->moment->look->locks->shutter !== null => Limit::Held,
                    $i === 0 => Limit::HandHeld,
                    $i > array_key_first($fitting) => Limit::Movers,
                    default => Limit::BaseIso,
                });
            }
        }
        $last = $fitting[array_key_last($fitting)];

        return $this->bounds->fitted($last, $this->moment->look->locks->shutter === null ? Limit::UsableIso : Limit::Held);
    }

    /** Other settings in the place of a choice; what stays keeps its bound, and what the choice misses is missed for the same reasons. */
    public function moved(ExposureChoice $from, ExposureSettings $settings): ExposureChoice
    {
        $off = $this->moment->roomLevel->minus($settings->offsetOf($this->moment->held))->value;
        [$now, $before] = [$settings, $from->settings];

        return new ExposureChoice(
            $settings,
            $now->shutter->tv->thirtieths === $before->shutter->tv->thirtieths ? $from->shutterBound : Limit::Night,
            $now->aperture->av->thirtieths === $before->aperture->av->thirtieths ? $from->apertureBound : Limit::Night,
            $now->iso->sv->thirtieths === $before->iso->sv->thirtieths ? $from->isoBound : Limit::Night,
            $from->tooDark > 0.0 ? max(0.0, $off) : 0.0,
            $from->tooBright > 0.0 ? max(0.0, -$off) : 0.0,
            $this->bounds->shake($settings->shutter),
            $from->inTheWay(),
        );
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
                return $this->closedForWeakest($settings, $closed, $faceExposure)
                    ?? $this->bounds->fitted($settings, $this->easyBound($i, array_key_first($fitting)));
            }
        }
        if ($fitting === [] && $closed === []) {
            return $this->bounds->nearestMiss();
        }
        if ($fitting === [] && $this->moment->look->aids->pulses()) {
            return $this->nearestAperture($closed, $faceExposure);
        }
        $fitting = $fitting === [] ? $closed : $fitting;
        $least = $this->least($fitting, $faceExposure);

        return $this->bounds->fitted($fitting[$least], match (true) {
            $this->moment->look->locks->shutter !== null => Limit::Held,
            $this->isPulsed($fitting[$least]) => Limit::BaseIso,
            $fitting[$least]->shutter->tv->thirtieths >= $this->moment->body->sync->tv->thirtieths => Limit::Sync,
            $least === array_key_last($fitting) => Limit::UsableIso,
            default => Limit::RoomLevel,
        });
    }

    /**
     * Where the lowest output is too much: closed down, with a slower shutter that keeps the room, as far
     * as hands hold and people stay sharp. Null where it is not too much, or nothing helps.
     *
     * @param array<int, ExposureSettings> $closed slow to fast
     */
    private function closedForWeakest(ExposureSettings $chosen, array $closed, float $faceExposure): ?ExposureChoice
    {
        if ($this->isWeakEnough($chosen, $faceExposure)) {
            return null;
        }
        $sharpFrom = $this->moment->blur()->sharpFrom();
        $most = null;
        foreach (array_reverse($closed) as $settings) {
            if ($settings->shutter->tv->value() < $sharpFrom) {
                break;
            }
            $most = $settings;
            if ($this->isWeakEnough($settings, $faceExposure)) {
                break;
            }
        }

        return $most === null ? null : $this->bounds->fitted($most, Limit::WeakestFlash);
    }

    /**
     * High-speed sync that cannot keep the aperture keeps it as nearly as the flash reaches.
     *
     * @param non-empty-array<int, ExposureSettings> $closed slow to fast
     */
    private function nearestAperture(array $closed, float $faceExposure): ExposureChoice
    {
        foreach (array_reverse($closed, true) as $settings) {
            if ($this->outputFor($settings, $faceExposure) <= 0.0) {
                $atEnd = $settings->shutter->tv->thirtieths >= Shutter::fastest()->tv->thirtieths;

                return $this->bounds->fitted($settings, match (true) {
                    $this->moment->look->locks->shutter !== null => Limit::Held,
                    $atEnd => Limit::FastestShutter,
                    default => Limit::FullOutput,
                });
            }
        }

        return $this->bounds->fitted($closed[$this->least($closed, $faceExposure)], Limit::Sync);
    }

    /** Whether the lowest output is not too much. */
    private function isWeakEnough(ExposureSettings $settings, float $faceExposure): bool
    {
        return $this->outputFor($settings, $faceExposure) >= $this->moment->flash->lowest->value() - Tolerance::ROUNDING;
    }

    /** The room falls so far that the lowest output makes the face right: ISO down, then the lens closed. Null where that is too far. */
    private function fallen(ExposureChoice $choice, float $faceExposure): ?ExposureChoice
    {
        $now = $choice->settings;
        $isos = array_filter(
            array_reverse($this->scales->isos),
            static fn(Iso $iso): bool => $iso->sv->thirtieths < $now->iso->sv->thirtieths,
        );
        $apertures = array_filter(
            $this->scales->apertures,
            static fn(Aperture $aperture): bool => $aperture->av->thirtieths > $now->aperture->av->thirtieths,
        );
        $lowest = $isos === [] ? $now->iso : $this->scales->isos[0];
        $darker = [
            ...array_map(static fn(Iso $iso): ExposureSettings => ExposureSettings::of($now->shutter, $now->aperture, $iso, $now->aids), $isos),
            ...array_map(static fn(Aperture $a): ExposureSettings => ExposureSettings::of($now->shutter, $a, $lowest, $now->aids), $apertures),
        ];
        foreach ($darker as $settings) {
            $fallen = $this->moment->roomLevel->minus($settings->offsetOf($this->moment->held))->value;
            if ($fallen > self::FALL) {
                break;
            }
            if ($this->isWeakEnough($settings, $faceExposure)) {
                return new ExposureChoice(
                    $settings,
                    $choice->shutterBound,
                    $this->bounds->aperture($settings),
                    Limit::LowestOutput,
                    max(Tolerance::ROUNDING, $fallen),
                    0.0,
                    $choice->shaky,
                );
            }
        }

        return null;
    }

    private function isPulsed(ExposureSettings $settings): bool
    {
        return $settings->aids->pulsesAt($settings->shutter);
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
        $synced = array_filter($fitting, fn(ExposureSettings $s): bool => !$this->isPulsed($s));
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

    /**
     * The lowest ISO at which some shutter makes the room and the flash can make the face, with the aperture
     * kept while files stay clean; where people dance or walk, one that leaves the flash quick, if there is one.
     */
    private function longTime(float $faceExposure): ExposureChoice
    {
        $first = null;
        $kept = $others = [];
        foreach ($this->scales->byIso() as $settings) {
            if ($this->keepsAperture($settings) && $settings->iso->sv->value() <= $this->scales->isos[0]->sv->value() + self::STILL_CLEAN) {
                $kept[] = $settings;
            } else {
                $others[] = $settings;
            }
        }
        $fitting = [...$kept, ...$others];
        foreach ($this->moment->people->movement->isTravel() ? $kept : [] as $settings) {
            if ($this->outputFor($settings, $faceExposure) <= self::EASY_OUTPUT) {
                return $this->bounds->fitted($settings, $this->longBound(), $settings === $fitting[0] ? null : Limit::QuarterOutput);
            }
        }
        foreach ($fitting as $settings) {
            $first ??= $settings;
            if ($this->outputFor($settings, $faceExposure) <= 0.0) {
                return $this->bounds->fitted($settings, $this->longBound(), $settings === $first ? null : Limit::FullOutput);
            }
        }

        return $first === null ? $this->bounds->nearestMiss() : $this->bounds->fitted($first, $this->longBound());
    }

    private function keepsAperture(ExposureSettings $settings): bool
    {
        return $settings->aperture->av->thirtieths === $this->moment->look->workingAperture->av->thirtieths;
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
        $wanted = FaceBalance::flashBeside($settings->offsetOf($this->moment->onFace), $this->moment->look->fill);

        return $wanted->minus($settings->levelOfFlash($faceExposure))->value;
    }

    /** What decided the slowest shutter at which the flash has an easy time. */
    private function easyBound(int $chosen, int $firstFitting): Limit
    {
        return match (true) {
            $this->moment->look->locks->shutter !== null => Limit::Held,
            $chosen > $firstFitting => Limit::QuarterOutput,
            $chosen > 0 => Limit::BaseIso,
            $this->bounds->shake($this->scales->shutters[0]) > 0.0 => Limit::Sync,
            default => Limit::HandHeld,
        };
    }
}
