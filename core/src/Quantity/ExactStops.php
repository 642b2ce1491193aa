<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * A place on a camera's or flash unit's scale, held exactly.
 *
 * Thirds, halves and tenths of a stop are all whole numbers of thirtieths, so
 * that settings add up without rounding and the database stores an integer.
 *
 * @phpstan-all-methods-pure
 */
final readonly class ExactStops
{
    private const PER_STOP = 30;

    private function __construct(
        /** Thirtieths of a stop. */
        public int $thirtieths,
    ) {}

    /** @param int $thirtieths of a stop */
    public static function fromThirtieths(int $thirtieths): self
    {
        return new self($thirtieths);
    }

    /** @param int $stops whole stops */
    public static function fromWhole(int $stops): self
    {
        return new self($stops * self::PER_STOP);
    }

    /** The click nearest to a real number of stops. */
    public static function nearest(float $stops, Step $step): self
    {
        is_finite($stops) || throw NotANumber::in('step');

        return new self((int) round($stops * self::PER_STOP / $step->thirtieths()) * $step->thirtieths());
    }

    /** In stops. */
    public function value(): float
    {
        return $this->thirtieths / self::PER_STOP;
    }

    public function isOn(Step $step): bool
    {
        return $this->thirtieths % $step->thirtieths() === 0;
    }

    /** As compensation dials show it: "+1⅓", "−⅔", "0". */
    public function signed(): string
    {
        $sign = $this->thirtieths < 0 ? '−' : '+';
        $whole = intdiv(abs($this->thirtieths), self::PER_STOP);
        $rest = abs($this->thirtieths) % self::PER_STOP;
        $part = $rest === 0 ? '' : Number::partOfAStop($rest);

        return match (true) {
            $this->thirtieths === 0 => '0',
            str_starts_with($part, '0') => $sign . $whole . substr($part, 1),
            $whole === 0 => $sign . $part,
            default => $sign . $whole . $part,
        };
    }
}
