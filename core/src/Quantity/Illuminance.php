<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * Light that falls on a place.
 *
 * @see docs/physics.md, “Exposure”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Illuminance
{
    private function __construct(
        /** 0 or more. */
        public float $lux,
    ) {}

    /**
     * @param float $lux lx, 0 or more and finite
     *
     * @throws NotANumber
     */
    public static function ofLux(float $lux): self
    {
        return $lux >= 0.0 && is_finite($lux) ? new self($lux) : throw NotANumber::in('illuminance');
    }

    /** @param float $factor 0 or more */
    public function times(float $factor): self
    {
        return self::ofLux($this->lux * $factor);
    }

    /** EV at ISO 100 of an incident meter, however dark; −INF where there is no light. EV = log2(100·E/C). */
    public function ev(): float
    {
        return log($this->lux / ExposureValue::LUX_AT_ZERO, 2);
    }
}
