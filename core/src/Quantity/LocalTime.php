<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * A time by the clocks of a place, of any day or of one.
 *
 * @phpstan-all-methods-pure
 */
final readonly class LocalTime
{
    private function __construct(
        /** "2027-09-18", '' for any. */
        public string $day,
        /** "19:30" */
        public string $clock,
    ) {}

    /** @param string $clock "19:30" */
    public static function daily(string $clock): self
    {
        return new self('', $clock);
    }

    /** @param string $day "2027-09-18" @param string $clock "19:30" */
    public static function on(string $day, string $clock): self
    {
        return new self($day, $clock);
    }

    /** "19:30", "2027-09-18T19:30" (ISO 8601) */
    public function plain(): string
    {
        return $this->day === '' ? $this->clock : "{$this->day}T$this->clock";
    }
}
