<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

/**
 * cosⁿθ: matt surfaces (n = 1), an even half-space (n = 0), lobes without an edge.
 *
 * @see docs/physics.md, “Beam”
 *
 * @phpstan-all-methods-pure
 */
final readonly class CosineSpread implements Spread
{
    private function __construct(
        /** n, 0 or more: the larger, the narrower. */
        public float $exponent,
    ) {}

    /** @internal made by Beam, which checks
     *
     * @param float $exponent 0 or more */
    public static function of(float $exponent): self
    {
        return new self($exponent);
    }

    /** @param float $halfAngle degrees off the axis where intensity has halved */
    public static function halvedAtDegrees(float $halfAngle): self
    {
        return new self(log(0.5) / log(cos(deg2rad(Beam::halfAngleRange()->checked('half-angle', $halfAngle)))));
    }

    public function towards(float $cosine): float
    {
        return $cosine ** $this->exponent;
    }

    public function fullness(): float
    {
        return 1.0 / ($this->exponent + 1.0);
    }

    public function cosineAt(float $share): float
    {
        return $share ** (1.0 / ($this->exponent + 1.0));
    }

    public function halfAngle(): float
    {
        return $this->exponent > 0.0 ? acos(0.5 ** (1.0 / $this->exponent)) : M_PI_2;
    }

    public function narrowedBy(float $exponent): self
    {
        return new self($this->exponent + $exponent);
    }
}
