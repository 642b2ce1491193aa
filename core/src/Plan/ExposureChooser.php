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
 * hands hold, faster only to bring the flash down to a quarter; then aperture
 * and ISO share out the rest, the aperture keeping to what its owner likes.
 *
 * @phpstan-all-methods-pure
 */
final readonly class ExposureChooser
{
    /** Output up to which a unit recycles fast and stays cool, stops under full. */
    public const EASY_OUTPUT = -2.0;

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
        $locks = $moment->locks;
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
        $fitting = [];
        foreach ($this->shutters as $i => $shutter) {
            $settings = $this->settingsAt($shutter);
            if ($settings === null) {
                continue;
            }
            $fitting[$i] = $settings;
            if ($this->outputFor($settings, $faceExposure) <= self::EASY_OUTPUT) {
                return $this->fitted($settings, $this->easyBound($i, array_key_first($fitting)));
            }
        }
        if ($fitting === []) {
            return $this->nearestMiss();
        }
        $last = array_key_last($fitting);

        return $this->fitted($fitting[$last], match (true) {
            $this->moment->locks->shutter !== null => Limit::Held,
            $last === count($this->shutters) - 1 => Limit::Sync,
            default => Limit::UsableIso,
        });
    }

    /**
     * Stops against full power at which the flash, beside the room, makes the face right.
     *
     * @param float $faceExposure lx·s at full power; 0 asks for endlessly much
     */
    public function outputFor(ExposureSettings $settings, float $faceExposure): float
    {
        $wanted = FaceBalance::flashBeside($settings->offsetOf($this->moment->glow));

        return $wanted->minus($settings->levelOfFlash($faceExposure))->value;
    }

    /** @return non-empty-list<Shutter> */
    private function heldAndSynced(): array
    {
        $body = $this->moment->body;
        $slowest = $this->slowestTv();
        $held = array_values(array_filter(
            Shutter::scale($body->step),
            static fn(Shutter $s): bool => $s->tv->thirtieths <= $body->sync->tv->thirtieths && $s->tv->value() >= $slowest,
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
        return $this->moment->glow->ev - $this->moment->roomLevel->value;
    }

    /** The pair of aperture and ISO nearest to the working aperture, or null when none fits. */
    private function settingsAt(Shutter $shutter): ?ExposureSettings
    {
        $best = null;
        $bestAway = INF;
        foreach ($this->apertures as $aperture) {
            $away = abs($aperture->av->value() - $this->moment->workingAperture->av->value());
            $iso = $away < $bestAway ? $this->isoFor($shutter, $aperture) : null;
            if ($iso !== null) {
                $best = ExposureSettings::of($shutter, $aperture, $iso);
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
            $this->moment->locks->shutter !== null => Limit::Held,
            $chosen > $firstFitting => Limit::QuarterOutput,
            $chosen > 0 => Limit::BaseIso,
            $this->shake($this->shutters[0]) > 0.0 => Limit::Sync,
            default => Limit::HandHeld,
        };
    }

    /** Stops by which a shutter is slower than hands hold. */
    private function shake(Shutter $shutter): float
    {
        return max(0.0, $this->slowestTv() - $shutter->tv->value());
    }

    private function fitted(ExposureSettings $settings, Limit $shutterBound): ExposureChoice
    {
        return new ExposureChoice(
            $settings,
            $shutterBound,
            $this->apertureBound($settings),
            $this->isoBound($settings->iso),
            0.0,
            0.0,
            $this->shake($settings->shutter),
        );
    }

    private function apertureBound(ExposureSettings $settings): Limit
    {
        $av = $settings->aperture->av->thirtieths;
        $working = $this->moment->workingAperture->av->thirtieths;
        $lens = $this->moment->lens;

        return match (true) {
            $this->moment->locks->aperture !== null => Limit::Held,
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
        return match ($this->moment->locks->iso ?? $iso) {
            $this->moment->locks->iso => Limit::Held,
            $this->isos[count($this->isos) - 1] => Limit::UsableIso,
            $this->isos[0] => Limit::BaseIso,
            default => Limit::RoomLevel,
        };
    }

    /** The best settings for a room too dark or too bright for any, and by how much they miss. */
    private function nearestMiss(): ExposureChoice
    {
        $locks = $this->moment->locks;
        $slow = ExposureSettings::of($this->shutters[0], $this->apertures[0], $this->isos[count($this->isos) - 1]);
        $fast = ExposureSettings::of($this->shutters[count($this->shutters) - 1], $this->apertures[count($this->apertures) - 1], $this->isos[0]);
        $level = $this->moment->roomLevel;
        $tooDark = $level->minus($slow->offsetOf($this->moment->glow))->value;
        $tooBright = $fast->offsetOf($this->moment->glow)->minus($level)->value;
        $isDark = $tooDark > $tooBright;
        $bound = static fn(?object $lock, Limit $dark, Limit $bright): Limit => $lock !== null ? Limit::Held : ($isDark ? $dark : $bright);

        return new ExposureChoice(
            $isDark ? $slow : $fast,
            $bound($locks->shutter, Limit::HandHeld, Limit::Sync),
            $bound($locks->aperture, Limit::WidestAperture, Limit::NarrowestAperture),
            $bound($locks->iso, Limit::UsableIso, Limit::BaseIso),
            $isDark ? $tooDark : 0.0,
            $isDark ? 0.0 : $tooBright,
            $this->shake($isDark ? $slow->shutter : $fast->shutter),
        );
    }
}
