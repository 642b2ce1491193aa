<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Exposure\ExposureSettings;
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

    /** Stops over the lowest ISO up to which files count as clean: the aperture that is liked is worth as much. */
    private const STILL_CLEAN = 3.0;

    private function __construct(
        private Moment $moment,
        private ControlScales $scales,
        private ExposureBounds $bounds,
        private WeakestFlash $weakest,
        /** @var array<int, ExposureSettings> by place of the shutter; the same for every way to point the head */
        private array $byShutter,
    ) {}

    public static function for(Moment $moment): self
    {
        $scales = ControlScales::of($moment);
        $bounds = ExposureBounds::of($moment, $scales);

        return new self($moment, $scales, $bounds, WeakestFlash::of($moment, $scales, $bounds), $scales->byShutter());
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

        return $choice->tooBright > 0.0 || $this->weakest->isWeakEnough($choice->settings, $faceExposure)
            ? $choice
            : $this->weakest->fallen($choice, $faceExposure) ?? $choice;
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
            if (FaceBalance::outputFor($this->moment, $settings, $faceExposure) <= $easy) {
                return $this->weakest->closed($settings, $closed, $faceExposure)
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
     * High-speed sync that cannot keep the aperture keeps it as nearly as the flash reaches.
     *
     * @param non-empty-array<int, ExposureSettings> $closed slow to fast
     */
    private function nearestAperture(array $closed, float $faceExposure): ExposureChoice
    {
        foreach (array_reverse($closed, true) as $settings) {
            if (FaceBalance::outputFor($this->moment, $settings, $faceExposure) <= 0.0) {
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
            $pulsing !== null && FaceBalance::outputFor(
                $this->moment,
                $fitting[$pulsing],
                $faceExposure,
            ) < FaceBalance::outputFor($this->moment, $fitting[$last], $faceExposure) => $pulsing,
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
            if (FaceBalance::outputFor($this->moment, $settings, $faceExposure) <= self::EASY_OUTPUT) {
                return $this->bounds->fitted($settings, $this->longBound(), $settings === $fitting[0] ? null : Limit::QuarterOutput);
            }
        }
        foreach ($fitting as $settings) {
            $first ??= $settings;
            if (FaceBalance::outputFor($this->moment, $settings, $faceExposure) <= 0.0) {
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
