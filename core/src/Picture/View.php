<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * How the camera is held against the usual: level across, the face on the upper third.
 *
 * @phpstan-all-methods-pure
 */
final readonly class View
{
    private function __construct(
        /** Degrees up, −30 to 30. */
        public float $tilt,
        /** Degrees to the right, −45 to 45. */
        public float $turn,
        /** Whether the long side stands. */
        public bool $isUpright,
    ) {}

    public static function usual(): self
    {
        return new self(0.0, 0.0, false);
    }

    /**
     * @param float $tilt degrees up, −30 to 30
     * @param float $turn degrees to the right, −45 to 45
     *
     * @throws OutOfRange
     */
    public static function ofDegrees(float $tilt, float $turn, bool $isUpright): self
    {
        return new self(self::tiltRange()->checked('tilt of the camera', $tilt), self::turnRange()->checked('turn of the camera', $turn), $isUpright);
    }

    public static function tiltRange(): Range
    {
        return Range::between(-30.0, 30.0, '°', 1.0);
    }

    public static function turnRange(): Range
    {
        return Range::between(-45.0, 45.0, '°', 1.0);
    }
}
