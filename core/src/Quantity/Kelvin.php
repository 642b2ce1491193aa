<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * A colour temperature.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Kelvin
{
    private const MIRED = 1e6;

    private function __construct(
        /** Above 0. */
        public float $kelvin,
    ) {}

    /**
     * @param float $kelvin above 0 and finite
     *
     * @throws NotANumber
     */
    public static function of(float $kelvin): self
    {
        return $kelvin > 0.0 && is_finite($kelvin) ? new self($kelvin) : throw NotANumber::in('colour temperature');
    }

    /** @throws NotANumber for a mired that is no temperature */
    public static function ofMired(Mired $mired): self
    {
        return $mired->mired > 0.0 ? self::of(self::MIRED / $mired->mired) : throw NotANumber::in('colour temperature');
    }

    /** Reciprocal: equal steps look alike. */
    public function mired(): Mired
    {
        return Mired::of(self::MIRED / $this->kelvin);
    }
}
