<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Quantity\Stops;

/**
 * What is dialled in on the body already, and what is left for the unit to set.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Compensation
{
    private function __construct(
        private CompensationSum $sum,
        /** Stops of flash compensation on the body. */
        public float $body,
        /** Stops of exposure compensation. */
        public float $exposure,
    ) {}

    public static function none(): self
    {
        return new self(CompensationSum::FlashAddsUp, 0.0, 0.0);
    }

    /**
     * @param float $body stops dialled in on the body, −3 to 3
     * @param float $exposure stops dialled in on the exposure of the body, −3 to 3
     *
     * @throws OutOfRange
     */
    public static function ofStops(CompensationSum $sum, float $body, float $exposure): self
    {
        return new self(
            $sum,
            self::range()->checked('flash compensation on the body', $body),
            self::range()->checked('exposure compensation', $exposure),
        );
    }

    /** Compensation that units and bodies offer. */
    public static function range(): Range
    {
        return Range::between(-3.0, 3.0, 'stops', 1.0 / 3.0);
    }

    /** What to set on the unit so that the flash gets so much, within what a unit offers. */
    public function onUnit(ExactStops $wanted, Step $step): ExactStops
    {
        $range = self::range();

        return ExactStops::nearest(
            max($range->min, min($range->max, $this->sum->unitFor($wanted->value(), $this->body, $this->exposure))),
            $step,
        );
    }

    /**
     * What counts together with so much on the unit, and what it comes to.
     *
     * @return array{array<'unit'|'body'|'exposure', Stops>, Stops}
     */
    public function parts(ExactStops $unit): array
    {
        $parts = match ($this->sum) {
            CompensationSum::FlashAddsUp => ['unit' => $unit->value(), 'body' => $this->body],
            CompensationSum::AllAddUp => [
                'unit' => $unit->value(),
                'body' => $this->body,
                'exposure' => $this->exposure,
            ],
            CompensationSum::UnitWins => $unit->thirtieths === 0 ? ['body' => $this->body] : ['unit' => $unit->value()],
        };

        return [
            array_map(Stops::of(...), $parts),
            Stops::of($this->sum->sum($unit->value(), $this->body, $this->exposure)),
        ];
    }

    /** Stops by which the flash gets less (above 0) or more than is wanted, because the unit cannot make up for the body. */
    public function missing(ExactStops $wanted, ExactStops $unit): float
    {
        return $wanted->value() - $this->sum->sum($unit->value(), $this->body, $this->exposure);
    }
}
