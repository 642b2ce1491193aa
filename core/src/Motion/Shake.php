<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

use Kaddle\Core\Exposure\Optics;

/**
 * How far hands that hold a camera still smear the picture: they drift by some 0.6° a second, half
 * or twice that.
 *
 * @see docs/physics.md, “Moves of the camera”
 *
 * @phpstan-all-methods-pure
 */
final class Shake
{
    /** Degrees a second. */
    public const HANDS = 0.6;

    private function __construct() {}

    /**
     * @param float $stabiliser stops
     * @param float $seconds that the shutter is open
     *
     * @return float frame widths
     */
    public static function share(Optics $optics, float $stabiliser, float $seconds): float
    {
        return $optics->metres() / $optics->frameWidth() * deg2rad(self::HANDS) * $seconds * 2.0 ** -$stabiliser;
    }
}
