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
    /** @param array{string, string}|null $when */
    private function __construct(
        public string $name,
        /** As a person calls it, in the middle of a sentence: "guide number". */
        public string $label,
        public Kind $kind,
        /** Whether it may be left out. */
        public bool $isOptional,
        /** Said below it in a form; '' for nothing. */
        public string $hint,
        /** Another field and the value that it must have for this one to make sense; null for always. */
        public ?array $when,
    ) {}

    public static function needed(string $name, string $label, Kind $kind, string $hint = ''): self
    {
        return new self($name, $label, $kind, false, $hint, null);
    }

    public static function optional(string $name, string $label, Kind $kind, string $hint = ''): self
    {
        return new self($name, $label, $kind, true, $hint, null);
    }

    /** The same, offered by a form only while another field has a value. */
    public function when(string $field, string $value): self
    {
        return new self($this->name, $this->label, $this->kind, $this->isOptional, $this->hint, [$field, $value]);
    }
}
