<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * A reciprocal colour temperature, 10⁶/K, or a shift of it: above 0 warmer.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Mired
{
    private function __construct(
        public float $mired,
    ) {}

    /**
     * @param float $mired finite
     *
     * @throws NotANumber
     */
    public static function of(float $mired): self
    {
        return is_finite($mired) ? new self($mired) : throw NotANumber::in('mired');
    }

    /** How much warmer this is; the shift from the other to it. */
    public function minus(self $other): self
    {
        return self::of($this->mired - $other->mired);
    }

    public function plus(self $shift): self
    {
        return self::of($this->mired + $shift->mired);
    }
}
