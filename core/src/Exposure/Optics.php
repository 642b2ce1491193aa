<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * A focal length before a frame: what decides framing, depth, shake and smear.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Optics
{
    /** Circle of confusion on a frame 36 mm wide, mm. */
    private const CIRCLE = 0.030;
    private const FRAME_WIDTH = 36.0;

    private function __construct(
        /** mm, as engraved, 8 to 600. */
        public float $focalLength,
        /** Crop factor against 36 mm x 24 mm, 0.5 to 3. */
        public float $crop,
    ) {}

    /**
     * @param float $focalLength mm, as engraved
     * @param float $crop factor against 36 mm x 24 mm
     *
     * @throws OutOfRange
     */
    public static function ofMillimetres(float $focalLength, float $crop): self
    {
        return new self(
            self::focalRange()->checked('focal length', $focalLength),
            self::cropRange()->checked('crop factor', $crop),
        );
    }

    public static function focalRange(): Range
    {
        return Range::between(8.0, 600.0, 'mm', 1.0);
    }

    public static function cropRange(): Range
    {
        return Range::between(0.5, 3.0, '', 0.1);
    }

    /** Focal length with the same framing before 36 mm x 24 mm, mm. */
    public function f35(): float
    {
        return $this->focalLength * $this->crop;
    }

    /** Focal length in m. */
    public function metres(): float
    {
        return $this->focalLength / 1000.0;
    }

    /** Circle of confusion on this frame, m. */
    public function circle(): float
    {
        return self::CIRCLE / 1000.0 / $this->crop;
    }

    /** Width of this frame, m. */
    public function frameWidth(): float
    {
        return self::FRAME_WIDTH / 1000.0 / $this->crop;
    }
}
