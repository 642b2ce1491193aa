<?php

declare(strict_types=1);

namespace Kaddle\Core\Colour;

use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Mired;
use Kaddle\Core\Quantity\Rgb;

/**
 * The tint that paint gives to white light.
 *
 * Linear red, green and blue with the primaries of ITU-R BT.709 and a white of
 * 6504 K, the flash as it leaves the head. Correlated temperature by McCamy
 * (1992), distance from the black body by Ohno (ANSI C78.377, 2011); both hold
 * from about 2500 to 15000 K, beyond which paint is a colour and no temperature.
 *
 * @see docs/physics.md, “Cast”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Cast
{
    /** K of the white that the numbers are told against. */
    private const WHITE = 6504.0;

    /** Distance of that white from the black body. */
    private const WHITE_DUV = 0.0032;

    /** Ohno's polynomial for the black body, lowest power first. */
    private const BLACK_BODY = [-0.471106, 1.925865, -2.4243787, 1.5317403, -0.5179722, 0.0893944, -0.00616793];

    private function __construct(
        /** Above 0 is warmer than the flash. */
        public Mired $warmth,
        /** Duv in the CIE 1960 diagram; above 0 is greener, below 0 more magenta; 0.006 is plain to see. */
        public float $tint,
    ) {}

    /** No cast at all where there is no light. */
    public static function of(Rgb $light): self
    {
        $place = Chromaticity::of($light);

        return $place === null ? new self(Mired::of(0.0), 0.0) : self::at(...$place);
    }

    /** "about neutral", "40 mired warmer", "25 mired cooler, greenish". */
    public function inWords(): string
    {
        $size = 5 * (int) round(abs($this->warmth->mired) / 5.0);
        $warmth = $size < 10 ? '' : sprintf('%d mired %s', $size, $this->warmth->mired > 0.0 ? 'warmer' : 'cooler');
        $tint = match (true) {
            $this->tint > 0.006 => 'greenish',
            $this->tint < -0.006 => 'pinkish',
            default => '',
        };
        $words = implode(', ', array_filter([$warmth, $tint], static fn(string $w): bool => $w !== ''));

        return $words === '' ? 'about neutral' : $words;
    }

    private static function at(float $x, float $y): self
    {
        $n = ($x - 0.3320) / (0.1858 - $y);
        $kelvin = 449.0 * $n ** 3 + 3525.0 * $n ** 2 + 6823.3 * $n + 5520.33;
        $kelvin = max(1000.0, min(40000.0, $kelvin));
        $warmth = Kelvin::of($kelvin)->mired()->minus(Kelvin::of(self::WHITE)->mired());

        return new self($warmth, self::duv(...Chromaticity::even($x, $y)) - self::WHITE_DUV);
    }

    private static function duv(float $u, float $v): float
    {
        $reach = hypot($u - 0.292, $v - 0.240);
        $angle = acos(max(-1.0, min(1.0, ($u - 0.292) / max(1e-9, $reach))));
        $blackBody = 0.0;
        foreach (array_reverse(self::BLACK_BODY) as $factor) {
            $blackBody = $blackBody * $angle + $factor;
        }

        return $reach - $blackBody;
    }
}
