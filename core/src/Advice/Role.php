<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Solve\Levels;

/**
 * How much of the picture a control moves: stops for each stop that it is turned, 0 to 1.
 *
 * Light adds linearly, so a control that moves one light only moves the sum by that light's
 * share of it: d log2(a + b)/d log2 a = a/(a + b).
 *
 * @phpstan-all-methods-pure
 */
final readonly class Role
{
    private function __construct(
        /** The room behind the people. */
        public float $room,
        /** The face. */
        public float $person,
    ) {}

    /** Up to sync it moves the room's light and no flash; a flash that pulses goes with it. */
    public static function ofShutter(ExposureSettings $settings, Levels $levels): self
    {
        return $settings->aids->pulsesAt($settings->shutter)
            ? self::ofBoth()
            : new self(
                self::share($levels->room->ratio(), $levels->spill->ratio()),
                self::share($levels->faceRoom->ratio(), $levels->faceFlash->ratio()),
            );
    }

    /** Aperture and ISO move both lights alike. */
    public static function ofBoth(): self
    {
        return new self(1.0, 1.0);
    }

    /** It moves the flash and no light of the room. */
    public static function ofOutput(Levels $levels): self
    {
        return new self(
            self::share($levels->spill->ratio(), $levels->room->ratio()),
            self::share($levels->faceFlash->ratio(), $levels->faceRoom->ratio()),
        );
    }

    private static function share(float $moved, float $other): float
    {
        return $moved > 0.0 ? $moved / ($moved + $other) : 0.0;
    }
}
