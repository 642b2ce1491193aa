<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

use Kaddle\Core\Exposure\Shutter;

/**
 * Start here: how far somebody who moves across the picture smears while the shutter is open.
 *
 * On the sensor f·v·t/(d − f), thin lens; told as a share of the frame's width, 36 mm over the
 * crop factor. It is the room's light that smears: a pop is over before anybody has moved.
 *
 * @phpstan-all-methods-pure
 */
final readonly class SubjectBlur
{
    /** Share of the frame's width that still looks sharp: two circles of confusion of 0.03 mm in 36 mm. */
    public const SHARP = 0.06 / 36.0;

    private function __construct(
        /** Share of the frame's width in each second. */
        private float $perSecond,
    ) {}

    /**
     * @param float $focal mm, as engraved, above 0
     * @param float $crop factor against 36 mm x 24 mm
     * @param float $distance m, longer than the focal length
     * @param float $speed m/s across the picture, above 0
     */
    public static function of(float $focal, float $crop, float $distance, float $speed): self
    {
        $f = $focal / 1000.0;

        return new self($f * $speed / max(1e-6, $distance - $f) / (0.036 / $crop));
    }

    public function shareAt(Shutter $shutter): float
    {
        return $this->perSecond * $shutter->seconds();
    }

    /** Time value Tv from which on the smear still looks sharp. */
    public function sharpFrom(): float
    {
        return log($this->perSecond / self::SHARP, 2);
    }
}
