<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * A lamp in the backdrop: a round spot of light that may move.
 *
 * @phpstan-all-methods-pure
 */
final readonly class BackdropLamp
{
    private function __construct(
        /** m to the right of the middle of the picture. */
        public float $across,
        /** m over the lens. */
        public float $up,
        /** m from the lens. */
        public float $away,
        /** What a spot meter reads on it. */
        public ExposureValue $level,
        /** m through. */
        public float $size,
        public Kelvin $colour,
        /** m/s to the right, for show lights. */
        public float $speedAcross,
        /** m/s upwards. */
        public float $speedUp,
        public LampBeat $beat,
    ) {}

    /**
     * @param float $across m to the right of the middle, and so $up over the lens and $away from it
     * @param float $size mm through
     * @param float $speedAcross m/s, and so $speedUp
     *
     * @throws OutOfRange
     */
    public static function ofMetres(
        float $across,
        float $up,
        float $away,
        ExposureValue $level,
        float $size,
        Kelvin $colour,
        float $speedAcross = 0.0,
        float $speedUp = 0.0,
        LampBeat $beat = LampBeat::Mains,
    ): self {
        return new self(
            self::placeRange()->checked('place of the lamp', $across),
            self::placeRange()->checked('height of the lamp over the lens', $up),
            self::distanceRange()->checked('distance of the lamp', $away),
            $level,
            self::sizeRange()->checked('size of the lamp', $size) / 1000.0,
            $colour,
            self::speedRange()->checked('speed of the lamp', $speedAcross),
            self::speedRange()->checked('speed of the lamp', $speedUp),
            $beat,
        );
    }

    public static function placeRange(): Range
    {
        return Range::between(-50.0, 50.0, 'm', 0.1);
    }

    public static function distanceRange(): Range
    {
        return Range::between(0.5, 500.0, 'm', 0.5);
    }

    public static function sizeRange(): Range
    {
        return Range::between(1.0, 2000.0, 'mm', 5.0);
    }

    public static function speedRange(): Range
    {
        return Range::between(-15.0, 15.0, 'm/s', 0.1);
    }
}
