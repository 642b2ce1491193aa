<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * How bright a room glows, as EV at ISO 100.
 *
 * EV = log2(N²/t) of the exposure that a meter would choose at ISO 100.
 *
 * @phpstan-all-methods-pure
 */
final readonly class ExposureValue
{
    /** lx of incident light at EV 0 and ISO 100: E = C·2^EV/100 with C = 250. */
    private const LUX_AT_ZERO = 2.5;

    private function __construct(
        /** −6 (moonless quay) to 18 (sun on snow). */
        public float $ev,
    ) {}

    /**
     * @param string $what is so bright, for the sentence
     *
     * @throws OutOfRange
     */
    public static function atIso100(float $ev, string $what = 'glow'): self
    {
        return new self(self::limits()->checked($what, $ev));
    }

    public static function limits(): Limits
    {
        return Limits::between(-6.0, 18.0, 'EV', 0.1);
    }

    /** Incident illuminance in lx. */
    public function lux(): float
    {
        return self::LUX_AT_ZERO * 2.0 ** $this->ev;
    }
}
