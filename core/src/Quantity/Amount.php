<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * A number told beside a range whose unit it shares; any number, also one that makes no sense.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Amount
{
    private function __construct(
        public float $value,
        /** Unit symbol, '' for a bare number. */
        public string $unit,
    ) {}

    /** @param float $value in the unit of the range */
    public static function in(Range $range, float $value): self
    {
        return new self($value, $range->unit);
    }
}
