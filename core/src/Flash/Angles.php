<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Vector;

/**
 * How a head is turned and tilted against the way the camera looks.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Angles
{
    /** Degrees within which a head counts as not tilted: its zoom follows the lens. */
    private const STRAIGHT = 5.0;

    /** Degrees of tilt up to which a turn of the head still shows from above. */
    public const STEEPEST_TURNED = 75.0;

    private function __construct(
        /** Degrees, −180 to 180, positive to the left. */
        public float $turn,
        /** Degrees up from level, −15 to 90. */
        public float $tilt,
    ) {}

    /**
     * @param float $turn degrees, −180 to 180, to the left is above 0
     * @param float $tilt degrees, −15 to 90, up is above 0
     *
     * @throws OutOfRange
     */
    public static function ofDegrees(float $turn, float $tilt): self
    {
        return new self(
            self::turnRange()->checked('turn of the head', $turn),
            self::tiltRange()->checked('tilt of the head', $tilt),
        );
    }

    public static function turnRange(): Range
    {
        return Range::between(-180.0, 180.0, '°', 5.0);
    }

    /** A head on a camera does not tilt much below level. */
    public static function tiltRange(): Range
    {
        return Range::between(-15.0, 90.0, '°', 5.0);
    }

    public function direction(): Direction
    {
        return Direction::along(Vector::of(
            cos(deg2rad($this->tilt)) * cos(deg2rad($this->turn)),
            cos(deg2rad($this->tilt)) * sin(deg2rad($this->turn)),
            sin(deg2rad($this->tilt)),
        ));
    }

    public function isStraight(): bool
    {
        return abs($this->turn) < self::STRAIGHT && abs($this->tilt) < self::STRAIGHT;
    }

    /** What the fingers do: "turn 90° left, tilt 30°". */
    public function instruction(): string
    {
        $tilt = sprintf('tilt %s°', Number::plain($this->tilt, 0));

        return match (true) {
            abs($this->turn) < 0.5 || $this->tilt > 89.5 => $tilt,
            abs($this->turn) > 179.5 => "$tilt, turned round to the back",
            default => sprintf(
                'turn %s° %s, %s',
                Number::plain(abs($this->turn), 0),
                $this->turn > 0.0 ? 'left' : 'right',
                $tilt,
            ),
        };
    }
}
