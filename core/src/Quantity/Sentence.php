<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * A sentence with its quantities still as quantities, so that whoever reads it is told them in
 * their own units.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Sentence
{
    /** @param list<string|Length|Range|Amount|LocalTime|self> $parts */
    private function __construct(
        /** With a %s for each part. */
        public string $pattern,
        public array $parts,
    ) {}

    /** @param string $pattern with a %s for each part, and %% for a percent sign */
    public static function of(string $pattern, string|Length|Range|Amount|LocalTime|self ...$parts): self
    {
        return new self($pattern, array_values($parts));
    }

    /** One without quantities. */
    public static function words(string $words): self
    {
        return new self('%s', [$words]);
    }

    /** In SI units. */
    public function plain(): string
    {
        return $this->inWords(static fn(Length|Range|Amount|LocalTime $part): string => match (true) {
            $part instanceof Length => Number::plain($part->metres, 2) . ' m',
            $part instanceof Range => $part->inWords(),
            $part instanceof LocalTime => $part->plain(),
            default => Number::plain($part->value),
        });
    }

    /** @param pure-Closure(Length|Range|Amount|LocalTime): string $words */
    public function inWords(\Closure $words): string
    {
        return vsprintf($this->pattern, array_map(static fn(
            string|Length|Range|Amount|LocalTime|self $part,
        ): string => match (true) {
            is_string($part) => $part,
            $part instanceof self => $part->inWords($words),
            default => $words($part),
        }, $this->parts));
    }
}
