<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan;

use Kaddle\Core\Quantity\Stops;

/**
 * How much flash a face needs beside the room's own light.
 *
 * Light adds linearly, 2^room + 2^flash = 2^0. Where the room leaves less
 * than a quarter to add, the flash is fill: two stops under, for the eyes.
 *
 * @phpstan-all-methods-pure
 */
final class FaceBalance
{
    /** Level of fill flash against correct. */
    public const FILL = -2.0;

    private function __construct() {}

    /**
     * Level that the flash alone must give on the face, against correct.
     *
     * @param Stops $room what the room alone gives there
     */
    public static function flashBeside(Stops $room): Stops
    {
        $missing = Stops::ofRatio(1.0 - $room->ratio());

        return self::isFill($room) ? Stops::of(self::FILL) : $missing;
    }

    /** Whether the room lights the face so well that flash is only fill. */
    public static function isFill(Stops $room): bool
    {
        return 1.0 - $room->ratio() < 2.0 ** self::FILL;
    }
}
