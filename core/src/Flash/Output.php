<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Number;

/**
 * A flash unit's output as a share of full power, 2^stops, held exactly; never above full. Or none: off.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Output
{
    private function __construct(
        /** 0 for full power, below 0 for less; null for off. */
        public ?ExactStops $stops,
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

    public static function off(): self
    {
        return new self(null);
    }

    /** Share of a full pop, above 0 and up to 1; 0 for off. */
    public function share(): float
    {
        return $this->stops === null ? 0.0 : 2.0 ** $this->stops->value();
    }

    /** Stops against a full pop, 0 or less; endlessly far under it for off. */
    public function value(): float
    {
        return $this->stops?->value() ?? -INF;
    }

    /** As units show it: the power of two below, and the part of a stop above it: "1/16 +⅓". */
    public function label(): string
    {
        if ($this->stops === null) {
            return 'off';
        }
        $whole = (int) floor($this->stops->value());
        $rest = $this->stops->thirtieths - 30 * $whole;
        $fraction = sprintf('1/%d', 2 ** -$whole);

        return $rest === 0 ? $fraction : sprintf('%s +%s', $fraction, Number::partOfAStop($rest));
    }
}
