<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\NotANumber;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * The light of a head as a lobe: I(θ) = I0·cosⁿθ up to 90 degrees, nothing behind.
 *
 * @see docs/physics.md, “Beam”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Beam
{
    private function __construct(
        /** Luminous intensity times time on the axis at full power, cd·s: I0 = 2.5·GN². */
        public float $axial,
        /** n = ln ½ / ln cos θh: the larger, the narrower; 1 for a matt surface, 0 for the same all over the half-space. */
        public float $exponent,
    ) {}

    /**
     * @param float $guideNumber m at ISO 100 and full power, on the axis
     * @param float $halfAngle degrees off the axis where intensity has halved
     *
     * @throws OutOfRange
     */
    public static function fromGuideNumber(float $guideNumber, float $halfAngle): self
    {
        $gn = self::guideNumberRange()->checked('guide number', $guideNumber);
        $angle = self::halfAngleRange()->checked('half-angle', $halfAngle);

        return new self(ExposureValue::LUX_AT_ZERO * $gn ** 2, log(0.5) / log(cos(deg2rad($angle))));
    }

    /**
     * @param float $energy all light of one pop at full power, lm·s, 0 or more
     * @param float $exponent 0 or more
     */
    public static function fromEnergy(float $energy, float $exponent): self
    {
        $energy >= 0.0 && $exponent >= 0.0 && is_finite($energy * $exponent) || throw NotANumber::in('light of a beam');

        return new self($energy * ($exponent + 1.0) / (2.0 * M_PI), $exponent);
    }

    /**
     * As bright as so many of them.
     *
     * @param float $factor 0 or more
     */
    public function times(float $factor): self
    {
        return is_finite($factor) && $factor >= 0.0
            ? new self($this->axial * $factor, $this->exponent)
            : throw NotANumber::in('number of beams');
    }

    /**
     * Behind something that lets less through the farther off the axis: half at an angle.
     *
     * @param float $halfAngle degrees
     */
    public function narrowedBy(float $halfAngle): self
    {
        return new self(
            $this->axial,
            $this->exponent + log(0.5) / log(cos(deg2rad(self::halfAngleRange()->checked('half-angle', $halfAngle)))),
        );
    }

    public static function guideNumberRange(): Range
    {
        return Range::between(2.0, 120.0, 'm', 0.5);
    }

    public static function halfAngleRange(): Range
    {
        return Range::between(3.0, 85.0, '°', 1.0);
    }

    /**
     * Intensity times time in cd·s towards an angle off the axis.
     *
     * @param float $cosine of that angle
     */
    public function towards(float $cosine): float
    {
        return $cosine > 0.0 ? $this->axial * $cosine ** $this->exponent : 0.0;
    }

    /** Angle off the axis where intensity has halved, radians. */
    public function halfAngle(): float
    {
        return $this->exponent > 0.0 ? acos(0.5 ** (1.0 / $this->exponent)) : M_PI_2;
    }

    /** All light of one pop at full power, lm·s: 2π·I0/(n + 1). */
    public function energy(): float
    {
        return 2.0 * M_PI * $this->axial / ($this->exponent + 1.0);
    }
}
