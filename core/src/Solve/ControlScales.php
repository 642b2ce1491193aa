<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Situation\Moment;

/**
 * The clicks of a moment's controls that come into question, and the settings among them that
 * make its room read as wished. A control that is held has one click.
 *
 * @phpstan-all-methods-pure
 */
final readonly class ControlScales
{
    /**
     * @param non-empty-list<Shutter> $shutters
     * @param non-empty-list<Aperture> $apertures
     * @param non-empty-list<Iso> $isos
     */
    private function __construct(
        private Moment $moment,
        /** Slow to fast, from what hands hold to what still lights the whole frame; sync alone when even that shakes. */
        public array $shutters,
        /** Wide to narrow. */
        public array $apertures,
        /** Low to high. */
        public array $isos,
    ) {}

    public static function of(Moment $moment): self
    {
        $locks = $moment->look->locks;
        $step = $moment->body->step;

        return new self(
            $moment,
            $locks->shutter === null ? self::heldAndSynced($moment) : [$locks->shutter],
            $locks->aperture === null
                ? Aperture::scale($step, $moment->openingForGroup() ?? $moment->lens->narrowest, $moment->lens->narrowest)
                : [$locks->aperture],
            $locks->iso === null ? Iso::scale($step, $moment->body->baseIso, $moment->body->usableIso) : [$locks->iso],
        );
    }

    /** @return array<int, ExposureSettings> by place of the shutter, where some pair of aperture and ISO fits */
    public function byShutter(): array
    {
        $likedFirst = $this->likedFirst();

        return array_filter(array_map(
            fn(Shutter $shutter): ?ExposureSettings => self::firstFit($likedFirst, function (Aperture $aperture) use ($shutter): ?ExposureSettings {
                $iso = $this->isoFor($shutter, $aperture);

                return $iso === null ? null : $this->settings($shutter, $aperture, $iso);
            }),
            $this->shutters,
        ));
    }

    /** @return list<ExposureSettings> lowest ISO first, where some pair of shutter and aperture fits */
    public function byIso(): array
    {
        $likedFirst = $this->likedFirst();

        return array_values(array_filter(array_map(
            fn(Iso $iso): ?ExposureSettings => self::firstFit($likedFirst, function (Aperture $aperture) use ($iso): ?ExposureSettings {
                $shutter = $this->shutterFor($aperture, $iso);

                return $shutter === null ? null : $this->settings($shutter, $aperture, $iso);
            }),
            $this->isos,
        )));
    }

    /** What lets in most of the room's light. */
    public function brightest(): ExposureSettings
    {
        return $this->settings($this->shutters[0], $this->apertures[0], $this->isos[count($this->isos) - 1]);
    }

    /** What lets in least of it. */
    public function darkest(): ExposureSettings
    {
        return $this->settings(
            $this->shutters[count($this->shutters) - 1],
            $this->apertures[count($this->apertures) - 1],
            $this->isos[0],
        );
    }

    /** @return non-empty-list<Shutter> */
    private static function heldAndSynced(Moment $moment): array
    {
        $body = $moment->body;
        $slowest = $moment->slowestTime();
        $fastest = $moment->fastestShutter()->tv->thirtieths;
        $held = array_values(array_filter(
            Shutter::scale($body->step),
            static fn(Shutter $s): bool => $s->tv->thirtieths <= $fastest && $s->tv->value() >= $slowest,
        ));

        return $held === [] ? [$body->sync] : $held;
    }

    /** @return list<Aperture> nearest to the one that is liked first; of two as near the wider */
    private function likedFirst(): array
    {
        $liked = $this->moment->look->workingAperture->av->thirtieths;
        $off = array_map(static fn(Aperture $a): int => $a->av->thirtieths - $liked, $this->apertures);
        $narrower = count(array_filter($off, static fn(int $clicks): bool => $clicks <= 0));
        $wider = $narrower - 1;
        $order = [];
        while (count($order) < count($off)) {
            $isWiderNear = $wider >= 0 && (!isset($off[$narrower]) || -$off[$wider] <= $off[$narrower]);
            $order[] = $this->apertures[$isWiderNear ? $wider-- : $narrower++];
        }

        return $order;
    }

    /**
     * @param list<Aperture> $apertures
     * @param pure-Closure(Aperture): ?ExposureSettings $fit
     */
    private static function firstFit(array $apertures, \Closure $fit): ?ExposureSettings
    {
        foreach ($apertures as $aperture) {
            $settings = $fit($aperture);
            if ($settings !== null) {
                return $settings;
            }
        }

        return null;
    }

    private function isoFor(Shutter $shutter, Aperture $aperture): ?Iso
    {
        $wanted = $shutter->tv->value() + $aperture->av->value() - $this->wantedExposure();
        foreach ($this->isos as $iso) {
            if ($this->isOnClick($iso->sv->value() - $wanted)) {
                return $iso;
            }
        }

        return null;
    }

    private function shutterFor(Aperture $aperture, Iso $iso): ?Shutter
    {
        $wanted = $this->wantedExposure() - $aperture->av->value() + $iso->sv->value();
        foreach ($this->shutters as $shutter) {
            if ($this->isOnClick($shutter->tv->value() - $wanted)) {
                return $shutter;
            }
        }

        return null;
    }

    /** Real numbers from a meter fall between clicks; half a click either way is on it. */
    private function isOnClick(float $off): bool
    {
        return abs($off) <= $this->moment->body->step->thirtieths() / 60.0 + 1e-9;
    }

    /** Tv + Av − Sv that makes what is held read as wished. */
    private function wantedExposure(): float
    {
        return $this->moment->held->ev - $this->moment->roomLevel->value - $this->moment->look->aids->density;
    }

    private function settings(Shutter $shutter, Aperture $aperture, Iso $iso): ExposureSettings
    {
        return ExposureSettings::of($shutter, $aperture, $iso, $this->moment->look->aids);
    }
}
