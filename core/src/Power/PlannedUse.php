<?php

declare(strict_types=1);

namespace Kaddle\Core\Power;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * What a moment will ask of the unit.
 *
 * @phpstan-all-methods-pure
 */
final readonly class PlannedUse
{
    /** Frames a minute where nobody said anything. */
    public const USUAL_RATE = 2.0;

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
    public static function ofMinutes(string $name, float $minutes, float $framesPerMinute, float $share): self
    {
        return new self(
            $name,
            self::minutesRange()->checked('length of the moment', $minutes),
            self::rateRange()->checked('frames per minute', $framesPerMinute),
            self::shareRange()->checked('share of full power', $share),
        );
    }

    public static function minutesRange(): Range
    {
        return Range::between(1.0, 720.0, 'min', 5.0);
    }

    public static function rateRange(): Range
    {
        return Range::between(0.0, 60.0, 'frames a minute', 0.5);
    }

    /** Down to 1/512, the least that any unit gives. */
    public static function shareRange(): Range
    {
        return Range::between(2.0 ** -9, 1.0, '', 0.01);
    }

    /** How many pops; a frame takes one. */
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
