<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * A ratio of light as a power of two; any real number, negative is darker.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Stops
{
    private function __construct(
        /** log2 of the ratio of light. */
        public float $value,
    ) {}

    /** @param float $stops any number, endless included, but not NaN */
    public static function of(float $stops): self
    {
        return is_nan($stops) ? throw NotANumber::in('level') : new self($stops);
    }

    /** log2 of a ratio of light; a ratio of 0 lies infinitely far down. */
    public static function ofRatio(float $ratio): self
    {
        return self::of($ratio > 0.0 ? log($ratio, 2.0) : ($ratio <= 0.0 ? -INF : $ratio));
    }

    /** Factor of light, 0 or more. */
    public function ratio(): float
    {
        return 2.0 ** $this->value;
    }

    public function plus(self $other): self
    {
        return self::of($this->value + $other->value);
    }

    public function minus(self $other): self
    {
        return self::of($this->value - $other->value);
    }

    /** The level of both lights together: light adds linearly, 2^a + 2^b. */
    public function withLight(self $other): self
    {
        return self::ofRatio($this->ratio() + $other->ratio());
    }

    /** Signed, one decimal: "+1.3", "−0.5", "0.0". */
    public function signed(): string
    {
        if (is_infinite($this->value)) {
            return $this->value < 0.0 ? 'no light' : 'endless';
        }
        $rounded = round($this->value, 1);

        return sprintf('%s%s', $rounded > 0.0 ? '+' : ($rounded < 0.0 ? '−' : ''), number_format(abs($rounded), 1));
    }

    /** An amount without sign and with its word: "1 stop", "1.3 stops". */
    public function amount(): string
    {
        if (is_infinite($this->value)) {
            return 'endless stops';
        }
        $text = Number::plain(abs(round($this->value, 1)), 1);

        return $text === '1' ? '1 stop' : "$text stops";
    }
}
