<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;

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
 * @phpstan-all-methods-pure
 */
final readonly class ExposureChooser
{
    /** Output up to which a unit recycles fast and stays cool, stops under full. */
    public const EASY_OUTPUT = -2.0;

    /** Tv of two seconds: longer, and people who are not held by the pop are gone. */
    private const LONGEST = -1.0;

    /** Real numbers from a meter fall between clicks; rounding may go over an end by this much. */
    private float $slack;

    /** @var non-empty-list<Shutter> slow to fast, from what hands hold to sync; sync alone when even that shakes */
    private array $shutters;

    /** @var non-empty-list<Aperture> wide to narrow */
    private array $apertures;

    /** @var non-empty-list<Iso> low to high */
    private array $isos;

    private function __construct(private Moment $moment)
    {
        $body = $moment->body;
        $this->slack = $body->step->thirtieths() / 60.0;
        $locks = $moment->look->locks;
        $this->shutters = $locks->shutter === null ? $this->heldAndSynced() : [$locks->shutter];
        $this->apertures = $locks->aperture === null ? Aperture::scale($body->step, $moment->lens->widest, $moment->lens->narrowest) : [$locks->aperture];
        $this->isos = $locks->iso === null ? Iso::scale($body->step, $body->baseIso, $body->usableIso) : [$locks->iso];
    }

    public static function for(Moment $moment): self
    {
        return new self($moment);
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
        foreach ($this->shutters as $i => $shutter) {
            $settings = $this->settingsAt($shutter);
            if ($settings === null) {
                continue;
            }
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
            && $settings->iso === $this->isos[0]
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
            $pulsing !== null && $this->outputFor($fitting[$pulsing], $faceExposure) < $this->outputFor($fitting[$last], $faceExposure) => $pulsing,
            default => $last,
        };
    }

    /** The lowest ISO at which some shutter makes the room and the flash can make the face. */
    private function longTime(float $faceExposure): ExposureChoice
    {
        $first = null;
        foreach ($this->isos as $iso) {
            $settings = $this->longestAt($iso);
            if ($settings === null) {
                continue;
            }
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

    /** The aperture nearest to the working one for which there is a shutter. */
    private function longestAt(Iso $iso): ?ExposureSettings
    {
        $best = null;
        $bestAway = INF;
        foreach ($this->apertures as $aperture) {
            $away = abs($aperture->av->value() - $this->moment->look->workingAperture->av->value());
            $shutter = $away < $bestAway ? $this->shutterFor($aperture, $iso) : null;
            if ($shutter !== null) {
                $best = ExposureSettings::of($shutter, $aperture, $iso, $this->moment->look->aids);
                $bestAway = $away;
            }
        }

        return $best;
    }

    private function shutterFor(Aperture $aperture, Iso $iso): ?Shutter
    {
        $wanted = $this->wantedExposure() - $aperture->av->value() + $iso->sv->value();
        foreach ($this->shutters as $shutter) {
            if (abs($shutter->tv->value() - $wanted) <= $this->slack + 1e-9) {
                return $shutter;
            }
        }

        return null;
    }

    /**
     * Stops against full power at which the flash, beside the room, makes the face right.
     *
     * @param float $faceExposure lx·s at full power; 0 asks for endlessly much
     */
    public function outputFor(ExposureSettings $settings, float $faceExposure): float
    {
        $wanted = $this->moment->flashBeside($settings->offsetOf($this->moment->glow));

        return $wanted->minus($settings->levelOfFlash($faceExposure))->value;
    }

    /** @return non-empty-list<Shutter> */
    private function heldAndSynced(): array
    {
        $body = $this->moment->body;
        $look = $this->moment->look;
        $slowest = $look->acceptsShake() ? self::LONGEST : $this->slowestTv();
        $fastest = ($look->aids->pulses() ? Shutter::fastest() : $body->sync)->tv->thirtieths;
        $held = array_values(array_filter(
            Shutter::scale($body->step),
            static fn(Shutter $s): bool => $s->tv->thirtieths <= $fastest && $s->tv->value() >= $slowest,
        ));

        return $held === [] ? [$body->sync] : $held;
    }

    private function slowestTv(): float
    {
        return $this->moment->body->steadinessAt($this->moment->lens->focalLength)->timeValue();
    }

    /** Tv + Av − Sv that makes the room read as wished. */
    private function wantedExposure(): float
    {
        return $this->moment->glow->ev - $this->moment->roomLevel->value - $this->moment->look->aids->density;
    }

    /** The pair of aperture and ISO nearest to the working aperture, or null when none fits. */
    private function settingsAt(Shutter $shutter): ?ExposureSettings
    {
        $best = null;
        $bestAway = INF;
        foreach ($this->apertures as $aperture) {
            $away = abs($aperture->av->value() - $this->moment->look->workingAperture->av->value());
            $iso = $away < $bestAway ? $this->isoFor($shutter, $aperture) : null;
            if ($iso !== null) {
                $best = ExposureSettings::of($shutter, $aperture, $iso, $this->moment->look->aids);
                $bestAway = $away;
            }
        }

        return $best;
    }

    private function isoFor(Shutter $shutter, Aperture $aperture): ?Iso
    {
        $wanted = $shutter->tv->value() + $aperture->av->value() - $this->wantedExposure();
        foreach ($this->isos as $iso) {
            if (abs($iso->sv->value() - $wanted) <= $this->slack + 1e-9) {
                return $iso;
            }
        }

        return null;
    }

    /** What decided the slowest shutter at which the flash has an easy time. */
    private function easyBound(int $chosen, int $firstFitting): Limit
    {
        return match (true) {
            $this->moment->look->locks->shutter !== null => Limit::Held,
            $chosen > $firstFitting => Limit::QuarterOutput,
            $chosen > 0 => Limit::BaseIso,
            $this->shake($this->shutters[0]) > 0.0 => Limit::Sync,
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
            $this->isos[count($this->isos) - 1] => Limit::UsableIso,
            $this->isos[0] => Limit::BaseIso,
            default => Limit::RoomLevel,
        };
    }

    /** The best settings for a room too dark or too bright for any, and by how much they miss. */
    private function nearestMiss(): ExposureChoice
    {
        $locks = $this->moment->look->locks;
        $aids = $this->moment->look->aids;
        $free = $this->moment->look->isFree();
        $slow = ExposureSettings::of($this->shutters[0], $this->apertures[0], $this->isos[count($this->isos) - 1], $aids);
        $fast = ExposureSettings::of($this->shutters[count($this->shutters) - 1], $this->apertures[count($this->apertures) - 1], $this->isos[0], $aids);
        $level = $this->moment->roomLevel;
        $tooDark = $level->minus($slow->offsetOf($this->moment->glow))->value;
        $tooBright = $fast->offsetOf($this->moment->glow)->minus($level)->value;
        $isDark = $tooDark > $tooBright;
        $bound = static fn(?object $lock, Limit $dark, Limit $bright): Limit => $lock !== null ? Limit::Held : ($isDark ? $dark : $bright);

        return new ExposureChoice(
            $isDark ? $slow : $fast,
            $bound($locks->shutter, $this->moment->look->acceptsShake() ? Limit::LongestTime : Limit::HandHeld, $aids->pulses() ? Limit::FastestShutter : Limit::Sync),
            $bound($locks->aperture, Limit::WidestAperture, Limit::NarrowestAperture),
            $bound($locks->iso, Limit::UsableIso, Limit::BaseIso),
            $isDark && !$free ? $tooDark : 0.0,
            $isDark || $free ? 0.0 : $tooBright,
            $this->shake($isDark ? $slow->shutter : $fast->shutter),
        );
    }
}
