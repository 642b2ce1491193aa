<?php

declare(strict_types=1);

namespace Kaddle\Core\Power;

use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Quantity\OutOfRange;

/**
 * What a moment will ask of the unit.
 *
 * @phpstan-all-methods-pure
 */
final readonly class PlannedUse
{
    private function __construct(
        public string $name,
        /** 1 to 720. */
        public float $minutes,
        /** 0 to 60. */
        public float $framesPerMinute,
        /** Share of full power of a pop, above 0, at most 1. */
        public float $share,
    ) {}

    /**
     * @param float $minutes that the moment lasts
     * @param float $share of full power of a pop, above 0, at most 1
     *
     * @throws OutOfRange
     */
    public static function of(string $name, float $minutes, float $framesPerMinute, float $share): self
    {
        return new self(
            $name,
            self::minutesLimits()->checked('length of the moment', $minutes),
            self::rateLimits()->checked('frames per minute', $framesPerMinute),
            self::shareLimits()->checked('share of full power', $share),
        );
    }

    public static function minutesLimits(): Limits
    {
        return Limits::between(1.0, 720.0, 'min', 5.0);
    }

    public static function rateLimits(): Limits
    {
        return Limits::between(0.0, 60.0, 'frames a minute', 0.5);
    }

    /** Down to 1/512, the least that any unit gives. */
    public static function shareLimits(): Limits
    {
        return Limits::between(2.0 ** -9, 1.0, '', 0.01);
    }

    public function pops(): float
    {
        return $this->minutes * $this->framesPerMinute;
    }

    /** In full pops. */
    public function energy(): float
    {
        return $this->pops() * $this->share;
    }
}
