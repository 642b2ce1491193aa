<?php

declare(strict_types=1);

namespace Kaddle\Core\Reading;

/**
 * A named place in a shape.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Field
{
    private function __construct(
        public string $name,
        /** As a person calls it, in the middle of a sentence: "guide number". */
        public string $label,
        public Kind $kind,
        /** Whether it may be left out. */
        public bool $isOptional,
        /** Said below it in a form; '' for nothing. */
        public string $hint,
    ) {}

    public static function needed(string $name, string $label, Kind $kind, string $hint = ''): self
    {
        return new self($name, $label, $kind, false, $hint);
    }

    public static function optional(string $name, string $label, Kind $kind, string $hint = ''): self
    {
        return new self($name, $label, $kind, true, $hint);
    }
}
