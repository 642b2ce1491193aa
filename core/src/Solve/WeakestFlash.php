<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Situation\Moment;

/**
 * Where even the lowest output of the flash is too much: settings that take it down.
 *
 * @see docs/physics.md, “Too much”
 *
 * @phpstan-all-methods-pure
 */
final readonly class WeakestFlash
{
    /** Stops under the wish to which the room may fall so that the lowest output is not too much: beyond it is black. */
    private const FALL = 6.0;

    private function __construct(
        private Moment $moment,
        private ControlScales $scales,
        private ExposureBounds $bounds,
    ) {}

    public static function of(Moment $moment, ControlScales $scales, ExposureBounds $bounds): self
    {
        return new self($moment, $scales, $bounds);
    }

    /**
     * Whether the lowest output is not too much.
     *
     * @param float $faceExposure luminous exposure on the face at full power, lx·s, 0 or more
     */
    public function isWeakEnough(ExposureSettings $settings, float $faceExposure): bool
    {
        return FaceBalance::outputFor($this->moment, $settings, $faceExposure) >= $this->moment->flash->lowest->value() - Tolerance::ROUNDING;
    }

    /**
     * Where the lowest output is too much: closed down, with a slower shutter that keeps the room, as far
     * as hands hold and people stay sharp. Null where it is not too much, or nothing helps.
     *
     * @param array<int, ExposureSettings> $closed slow to fast
     * @param float $faceExposure lx·s at full power
     */
    public function closed(ExposureSettings $chosen, array $closed, float $faceExposure): ?ExposureChoice
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
     * The room falls so far that the lowest output makes the face right: ISO down, then the lens closed. Null where that is too far.
     *
     * @param float $faceExposure lx·s at full power
     */
    public function fallen(ExposureChoice $choice, float $faceExposure): ?ExposureChoice
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
}
