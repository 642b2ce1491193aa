<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\NotANumber;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * The light of a head: intensity on its axis, and how it spreads about that.
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
        public Spread $spread,
    ) {}

    /**
     * A reflector, as its maker prints it.
     *
     * @param float $guideNumber m at ISO 100 and full power, on the axis
     * @param float $coverage degrees along the long side of the picture that it lights, from edge to edge
     *
     * @throws OutOfRange
     */
    public static function printed(float $guideNumber, float $coverage): self
    {
        return new self(self::onAxis($guideNumber), EdgedSpread::coveringDegrees($coverage));
    }

    /**
     * A reflector of so much light.
     *
     * @param float $guideNumber m at ISO 100 and full power, on the axis
     * @param float $energy all light of one pop at full power, lm·s, above 0
     *
     * @throws OutOfRange
     */
    public static function holding(float $guideNumber, float $energy): self
    {
        $axial = self::onAxis($guideNumber);
        $fullness = $energy / (2.0 * M_PI * $axial);
        $fullness > 0.0 && $fullness < 1.0 || throw NotANumber::in('light of a beam');

        return new self($axial, EdgedSpread::filling($fullness));
    }

    /**
     * A round lobe without an edge: I(θ) = I0·cosⁿθ, n = ln ½ / ln cos θh.
     *
     * @param float $guideNumber m at ISO 100 and full power, on the axis
     * @param float $halfAngle degrees off the axis where intensity has halved
     *
     * @throws OutOfRange
     */
    public static function fromGuideNumber(float $guideNumber, float $halfAngle): self
    {
        return new self(self::onAxis($guideNumber), CosineSpread::halvedAtDegrees($halfAngle));
    }

    /**
     * @param float $energy all light of one pop at full power, lm·s, 0 or more
     * @param float $exponent n of a cosine lobe, 0 or more; 1 for a matt surface, 0 for the same all over the half-space
     */
    public static function fromEnergy(float $energy, float $exponent): self
    {
        $energy >= 0.0 && $exponent >= 0.0 && is_finite($energy * $exponent) || throw NotANumber::in('light of a beam');

        return new self($energy * ($exponent + 1.0) / (2.0 * M_PI), CosineSpread::of($exponent));
    }

    /**
     * As bright as so many of them.
     *
     * @param float $factor 0 or more
     */
    public function times(float $factor): self
    {
        return is_finite($factor) && $factor >= 0.0
            ? new self($this->axial * $factor, $this->spread)
            : throw NotANumber::in('number of beams');
    }

    /**
     * Behind something that lets less through the farther off the axis: half at an angle.
     *
     * @param float $halfAngle degrees
     */
    public function narrowedBy(float $halfAngle): self
    {
        return new self($this->axial, $this->spread->narrowedBy(CosineSpread::halvedAtDegrees($halfAngle)->exponent));
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
        return $cosine > 0.0 ? $this->axial * $this->spread->towards($cosine) : 0.0;
    }

    /** Angle off the axis where intensity has halved, radians. */
    public function halfAngle(): float
    {
        return $this->spread->halfAngle();
    }

    /** All light of one pop at full power, lm·s: 2π·I0 times the fullness of the spread. */
    public function energy(): float
    {
        return 2.0 * M_PI * $this->axial * $this->spread->fullness();
    }

    private static function onAxis(float $guideNumber): float
    {
        return ExposureValue::LUX_AT_ZERO * self::guideNumberRange()->checked('guide number', $guideNumber) ** 2;
    }
}
