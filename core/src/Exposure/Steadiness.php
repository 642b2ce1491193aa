<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * How slow a shutter a person can hold: t = 2^stabiliser / (k·f35).
 *
 * A rule of the trade, not of physics; k is 1 in one school, 2 in the stricter.
 *
 * @see docs/physics.md, “Exposure”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Steadiness
{
    private function __construct(
        /** Slowest time in s. */
        public float $seconds,
    ) {}

    /**
     * @param float $stabiliser stops that a stabiliser buys
     * @param float $strictness k
     *
     * @throws OutOfRange
     */
    public static function handHeld(Optics $optics, float $stabiliser, float $strictness): self
    {
        $stops = self::stabiliserRange()->checked('stabiliser', $stabiliser);

        return new self(
            2.0 ** $stops / (self::strictnessRange()->checked('hand-held rule k', $strictness) * $optics->f35()),
        );
    }

    public static function stabiliserRange(): Range
    {
        return Range::between(0.0, 8.0, 'stops', 0.5);
    }

    public static function strictnessRange(): Range
    {
        return Range::between(1.0, 2.0, '', 1.0);
    }

    /** Time value Tv of the slowest time, −log2 t; a setting must not lie below it. */
    public function timeValue(): float
    {
        return -log($this->seconds, 2.0);
    }
}
