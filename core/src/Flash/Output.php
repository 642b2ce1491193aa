<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Number;

/**
 * A flash unit's output as a share of full power, 2^stops, held exactly; never above full.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Output
{
    private function __construct(
        /** 0 for full power, below 0 for less. */
        public ExactStops $stops,
    ) {}

    /** @throws ImpossibleUnit above full power */
    public static function of(ExactStops $stops): self
    {
        return $stops->thirtieths <= 0 ? new self($stops) : throw ImpossibleUnit::aboveFull($stops);
    }

    public static function full(): self
    {
        return new self(ExactStops::fromWhole(0));
    }

    /** Share of a full pop, above 0 and up to 1. */
    public function share(): float
    {
        return 2.0 ** $this->stops->value();
    }

    /** As units show it: the power of two below, and the part of a stop above it: "1/16 +⅓". */
    public function label(): string
    {
        $whole = (int) floor($this->stops->value());
        $rest = $this->stops->thirtieths - 30 * $whole;
        $fraction = sprintf('1/%d', 2 ** -$whole);

        return $rest === 0 ? $fraction : sprintf('%s +%s', $fraction, Number::partOfAStop($rest));
    }
}
