<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;

/**
 * How much flash a face needs beside the room's own light.
 *
 * Light adds linearly, 2^room + 2^flash = 2^0. Where the room leaves less to add than
 * fill flash gives, the flash is fill: two stops under, or what somebody likes, for the eyes.
 *
 * @see docs/physics.md, “Exposure”
 * @see docs/physics.md, “Fill”
 *
 * @phpstan-all-methods-pure
 */
final class FaceBalance
{
    private function __construct() {}

    /**
     * Level that the flash alone must give on the face, against correct.
     *
     * @param Stops $room what the room alone gives there
     * @param Stops $fill level of fill flash
     */
    public static function flashBeside(Stops $room, Stops $fill): Stops
    {
        return self::isFill($room, $fill) ? $fill : Stops::ofRatio(1.0 - $room->ratio());
    }

    /**
     * Level that the face should have: correct, or what fill adds to a room that lights it already.
     *
     * @param Stops $room what the room is wished to give
     * @param Stops $fill level of fill flash
     */
    public static function wished(Stops $room, Stops $fill): Stops
    {
        return self::isFill($room, $fill) ? $room->withLight($fill) : Stops::of(0.0);
    }

    /** Whether the room lights the face so well that flash is only fill. */
    public static function isFill(Stops $room, Stops $fill): bool
    {
        return 1.0 - $room->ratio() < $fill->ratio();
    }

    /**
     * Stops against full power at which the flash, beside the room, makes the face right.
     *
     * @param float $faceExposure lx·s at full power; 0 asks for endlessly much
     */
    public static function outputFor(Moment $moment, ExposureSettings $settings, float $faceExposure): float
    {
        $wanted = self::flashBeside($settings->offsetOf($moment->onFace), $moment->look->fill);

        return $wanted->minus($settings->levelOfFlash($faceExposure))->value;
    }
}
