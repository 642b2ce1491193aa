<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * A closed range with its unit: the one place where a value is judged to be possible.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Range
{
    private function __construct(
        /** Smallest allowed value, itself allowed. */
        public float $min,
        /** Largest allowed value, itself allowed; always above $min. */
        public float $max,
        /** Unit symbol as written after the number, '' for a bare number. */
        public string $unit,
        /** Sensible increment for a control that turns this value, in the same unit. */
        public float $step,
    ) {}

    /**
     * @param float $min in the unit, at most $max
     * @param float $step in the unit, above 0
     */
    public static function between(float $min, float $max, string $unit, float $step): self
    {
        is_finite($max - $min) && $max >= $min && $step > 0.0 || throw NotANumber::in('range');

        return new self($min, $max, $unit, $step);
    }

    /**
     * Gives the value back when it lies inside; NaN and infinities never do.
     *
     * @param float $value in the unit of the range
     *
     * @throws OutOfRange
     */
    public function checked(string $what, float $value): float
    {
        return $this->contains($value) ? $value : throw OutOfRange::of($what, $value, $this);
    }

    /** @param float $value in the unit of the range */
    public function contains(float $value): bool
    {
        return $value >= $this->min && $value <= $this->max;
    }

    /**
     * The value itself, or the end of the range that it lies beyond.
     *
     * @param float $value in the unit of the range
     */
    public function nearest(float $value): float
    {
        return max($this->min, min($this->max, $value));
    }

    /** The range as words: "2 to 40 m". */
    public function inWords(): string
    {
        return rtrim(sprintf('%s to %s %s', Number::plain($this->min), Number::plain($this->max), $this->unit));
    }
}
