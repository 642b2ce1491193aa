<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Wish\Look;

/**
 * What bound the settings that were chosen, and by how much the nearest miss where none fit.
 *
 * @see docs/physics.md, “The solver”
 *
 * @phpstan-all-methods-pure
 */
final readonly class ExposureBounds
{
    private function __construct(
        private Moment $moment,
        private ControlScales $scales,
    ) {}

    public static function of(Moment $moment, ControlScales $scales): self
    {
        return new self($moment, $scales);
    }

    /** Stops by which a shutter is slower than hands hold, where that is not meant. */
    public function shake(Shutter $shutter): float
    {
        return self::shakeOf($this->moment, $shutter);
    }

    /** The same, of any moment. */
    public static function shakeOf(Moment $moment, Shutter $shutter): float
    {
        $held = $moment->body->steadinessAt($moment->lens->focalLength)->timeValue();

        return $moment->look->acceptsShake() ? 0.0 : max(0.0, $held - $shutter->tv->value());
    }

    /** Settings that fit, with what bound them. */
    public function fitted(ExposureSettings $settings, Limit $shutterBound, ?Limit $isoBound = null): ExposureChoice
    {
        return new ExposureChoice(
            $settings,
            $shutterBound,
            $this->aperture($settings),
            $isoBound ?? $this->isoBound($settings->iso),
            0.0,
            0.0,
            $this->shake($settings->shutter),
        );
    }

    public function aperture(ExposureSettings $settings): Limit
    {
        $av = $settings->aperture->av->thirtieths;
        $working = $this->moment->look->workingAperture->av->thirtieths;
        $lens = $this->moment->lens;

        return match (true) {
            $this->moment->look->locks->aperture !== null => Limit::Held,
            $av > $working && $av === ($this->moment->openingForGroup() ?? $lens->narrowest)->av->thirtieths => Limit::GroupDepth,
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
    public function nearestMiss(): ExposureChoice
    {
        $locks = $this->moment->look->locks;
        $aids = $this->moment->look->aids;
        $free = $this->moment->look->isFree();
        $slow = $this->scales->brightest();
        $fast = $this->scales->darkest();
        $level = $this->moment->roomLevel;
        $tooDark = $level->minus($slow->offsetOf($this->moment->held))->value;
        $tooBright = $fast->offsetOf($this->moment->held)->minus($level)->value;
        $isDark = $tooDark > $tooBright;
        // What is held is as it is meant, but for a room beyond all wishes.
        $tooBright = $free ? max(0.0, $fast->offsetOf($this->moment->held)->value + Look::roomUnderRange()->min) : $tooBright;
        $widest = $this->scales->apertures[0]->av->thirtieths > $this->moment->lens->widest->av->thirtieths
            ? Limit::GroupDepth
            : Limit::WidestAperture;
        $bound = static fn(?object $lock, Limit $dark, Limit $bright): Limit => $lock !== null
            ? Limit::Held
            : ($isDark ? $dark : $bright);

        return new ExposureChoice(
            $isDark ? $slow : $fast,
            $bound(
                $locks->shutter,
                $this->moment->look->acceptsShake() ? Limit::LongestTime : Limit::HandHeld,
                $aids->pulses() || $this->moment->look->withoutFlash ? Limit::FastestShutter : Limit::Sync,
            ),
            $bound($locks->aperture, $widest, Limit::NarrowestAperture),
            $bound($locks->iso, Limit::UsableIso, Limit::BaseIso),
            $isDark && !$free ? $tooDark : 0.0,
            $isDark || $tooBright <= Tolerance::ROUNDING ? 0.0 : $tooBright,
            $this->shake($isDark ? $slow->shutter : $fast->shutter),
        );
    }
}
