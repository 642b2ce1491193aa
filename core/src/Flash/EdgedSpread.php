<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * A reflector's beam: even in the middle, with an edge beyond which next to nothing goes.
 *
 * Over w = 1 − cos θ it falls as (1 + (w/w0)^p)^(−1−1/p), whose integral, (w/w0)/(1 + (w/w0)^p)^(1/p),
 * can be turned round: rays are spread evenly by a closed form. With p = 6 half is left at 0.96·w0, a
 * hundredth at 1.9·w0, which is 1.4 times that angle.
 *
 * @see docs/physics.md, “Beam”
 *
 * @phpstan-all-methods-pure
 */
final readonly class EdgedSpread implements Spread
{
    /** p: how steep the edge is. */
    private const STEEP = 6.0;

    /** Height of a printed coverage against its width, as tangents: pictures are 3:2. */
    private const TALL = 2.0 / 3.0;

    /** Places between axis and rim at which light through a grid is summed. */
    private const SLICES = 200;

    /** What a head fills of the rectangle that is printed, whose edges are where half is left. */
    private const FILLED = 0.97;

    private function __construct(
        /** w0: 1 − cos of the angle about which it falls. */
        private float $edge,
        private float $fullness,
    ) {}

    /**
     * As much light as an even rectangle of 3:2 holds that is printed as the coverage.
     *
     * @param float $coverage degrees along the long side, from edge to edge
     *
     * @throws OutOfRange
     */
    public static function coveringDegrees(float $coverage): self
    {
        $side = tan(deg2rad(self::coverageRange()->checked('coverage', $coverage)) / 2.0);
        $up = self::TALL * $side;

        return self::filling(self::FILLED * 4.0 * atan($side * $up / sqrt(1.0 + $side ** 2 + $up ** 2)) / (2.0 * M_PI));
    }

    /** @param float $fullness all its light against a half-space as bright as the axis, above 0 and under 1 */
    public static function filling(float $fullness): self
    {
        return new self(($fullness ** -self::STEEP - 1.0) ** (-1.0 / self::STEEP), $fullness);
    }

    /** From a spot to nearly all that lies before the head. */
    public static function coverageRange(): Range
    {
        return Range::between(6.0, 170.0, '°', 1.0);
    }

    public function towards(float $cosine): float
    {
        return (1.0 + ((1.0 - $cosine) / $this->edge) ** self::STEEP) ** (-1.0 - 1.0 / self::STEEP);
    }

    public function fullness(): float
    {
        return $this->fullness;
    }

    public function cosineAt(float $share): float
    {
        $within = (1.0 - $share) * $this->fullness / $this->edge;

        return 1.0 - $this->edge * $within / (1.0 - $within ** self::STEEP) ** (1.0 / self::STEEP);
    }

    public function halfAngle(): float
    {
        return acos(max(0.0, 1.0 - $this->edge * (2.0 ** (self::STEEP / (self::STEEP + 1.0)) - 1.0) ** (1.0 / self::STEEP)));
    }

    /** A cosine lobe with the same light on its axis and in all: what a grid leaves has no edge. */
    public function narrowedBy(float $exponent): Spread
    {
        $light = 0.0;
        for ($i = 0; $i < self::SLICES; ++$i) {
            $cosine = ($i + 0.5) / self::SLICES;
            $light += $this->towards($cosine) * $cosine ** $exponent / self::SLICES;
        }

        return CosineSpread::of(1.0 / $light - 1.0);
    }
}
