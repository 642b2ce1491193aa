<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

/**
 * How the light of a beam spreads about its axis, whatever its strength: the same all the way round, nothing behind.
 *
 * @see docs/physics.md, “Beam”
 *
 * @phpstan-all-methods-pure
 */
interface Spread
{
    /**
     * Intensity against that on the axis.
     *
     * @param float $cosine of the angle off the axis, above 0
     *
     * @return float 0 to 1
     */
    public function towards(float $cosine): float;

    /** All its light against a half-space as bright as the axis: 0 to 1. */
    public function fullness(): float;

    /**
     * Where a ray lies inside of which a share of all light is missing.
     *
     * @param float $share of the light farther out, 0 to 1
     *
     * @return float cosine of the angle off the axis
     */
    public function cosineAt(float $share): float;

    /** Angle off the axis where intensity has halved, radians. */
    public function halfAngle(): float;

    /**
     * Behind something that passes cosᵐθ.
     *
     * @param float $exponent m, 0 or more
     */
    public function narrowedBy(float $exponent): self;
}
