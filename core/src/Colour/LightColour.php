<?php

declare(strict_types=1);

namespace Kaddle\Core\Colour;

use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Mired;
use Kaddle\Core\Quantity\NotANumber;
use Kaddle\Core\Quantity\Rgb;

/**
 * What colour a light has: how warm, and how far from a black body. As a white balance, the light that is to look white.
 *
 * @see docs/physics.md, “Colour of room and flash”
 *
 * @phpstan-all-methods-pure
 */
final readonly class LightColour
{
    private function __construct(
        /** Of the black body that looks most like it. */
        public Mired $warmth,
        /** Distance from that in the CIE 1960 diagram: above 0 greenish, below 0 pinkish. */
        public float $duv,
    ) {}

    /**
     * @param float $duv finite, 0 for a black body
     *
     * @throws NotANumber
     */
    public static function of(Mired $warmth, float $duv = 0.0): self
    {
        return is_finite($duv) ? new self($warmth, $duv) : throw NotANumber::in('tint');
    }

    public static function ofKelvin(Kelvin $kelvin): self
    {
        return new self($kelvin->mired(), 0.0);
    }

    /** @param Rgb $light linear BT.709, not black */
    public static function ofLight(Rgb $light): self
    {
        $warmth = BlackBody::nearest($light);
        [$x, $y] = Chromaticity::of($light) ?? throw NotANumber::in('colour of no light');
        [$u, $v] = Chromaticity::even($x, $y);
        [$itsU, $itsV, $acrossU, $acrossV] = BlackBody::across($warmth);

        return new self($warmth, ($u - $itsU) * $acrossU + ($v - $itsV) * $acrossV);
    }

    /** Linear BT.709 at equal luminance. */
    public function light(): Rgb
    {
        if ($this->duv === 0.0) {
            return BlackBody::light($this->warmth);
        }
        [$u, $v, $acrossU, $acrossV] = BlackBody::across($this->warmth);

        return Chromaticity::light(...Chromaticity::uneven($u + $this->duv * $acrossU, $v + $this->duv * $acrossV));
    }

    /** As a colour temperature. */
    public function kelvin(): Kelvin
    {
        return Kelvin::ofMired($this->warmth);
    }

    /** The same, warmer by so much. */
    public function plus(Mired $shift): self
    {
        return new self($this->warmth->plus($shift), $this->duv);
    }

    public function equals(self $other): bool
    {
        return $this->warmth->mired === $other->warmth->mired && $this->duv === $other->duv;
    }
}
