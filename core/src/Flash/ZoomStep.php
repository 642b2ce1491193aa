<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * What a head does at one setting of its zoom.
 *
 * @phpstan-all-methods-pure
 */
final readonly class ZoomStep
{
    private function __construct(
        /** Focal length whose picture it fills, mm at 36 mm x 24 mm. */
        public float $focalLength,
        /** m at ISO 100 and full power. */
        public float $guideNumber,
        /** Degrees off the axis where intensity has halved. */
        public float $halfAngle,
    ) {}

    /**
     * @param float $focalLength mm at 36 mm x 24 mm
     * @param float $guideNumber m
     * @param float $halfAngle degrees
     *
     * @throws OutOfRange
     */
    public static function ofMillimetres(float $focalLength, float $guideNumber, float $halfAngle): self
    {
        return new self(
            self::focalRange()->checked('zoom setting', $focalLength),
            Beam::guideNumberRange()->checked('guide number', $guideNumber),
            Beam::halfAngleRange()->checked('half-angle', $halfAngle),
        );
    }

    public static function focalRange(): Range
    {
        return Range::between(8.0, 300.0, 'mm', 1.0);
    }

    public function beam(): Beam
    {
        return Beam::fromGuideNumber($this->guideNumber, $this->halfAngle);
    }
}
