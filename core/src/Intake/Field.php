<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/** A named place in a shape: everything there is to say about one field, said once. */
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
        /** What it is taken for where it is left out, as documents tell it; null where that means nothing. */
        private mixed $taken,
        /** Another field and the value that it must have for this one to make sense; null for always. */
        public ?array $when,
    ) {}

    public static function needed(string $name, string $label, Kind $kind, string $hint = ''): self
    {
        return new self($name, $label, $kind, false, $hint, null, null);
    }

    /** @param mixed $otherwise what it is taken for where it is left out, as documents tell it; [] for an object without fields */
    public static function optional(
        string $name,
        string $label,
        Kind $kind,
        string $hint = '',
        mixed $otherwise = null,
    ): self {
        return new self($name, $label, $kind, true, $hint, $otherwise, null);
    }

    /** The same, offered by a form only while another field has a value. */
    public function when(string $field, string $value): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->kind,
            $this->isOptional,
            $this->hint,
            $this->taken,
            [$field, $value],
        );
    }

    /** The same field where it may be left out, with another hint where that wants one. */
    public function orNone(?string $hint = null): self
    {
        return new self($this->name, $this->label, $this->kind, true, $hint ?? $this->hint, null, $this->when);
    }

    /** What it is taken for where it is left out, as a record holds it; null where that means nothing. */
    public function otherwise(): mixed
    {
        return $this->taken === null ? null : $this->kind->stored($this->taken);
    }

    /** Whether it always has a value, given or taken. */
    public function isAlwaysThere(): bool
    {
        return !$this->isOptional || $this->taken !== null;
    }

    /** @return array<string, mixed> JSON Schema */
    public function schema(): array
    {
        return $this->kind->schema()
            + ($this->taken === null || $this->taken === [] ? [] : ['default' => $this->taken])
            + ['description' => ucfirst($this->label) . '.' . ($this->hint === '' ? '' : " $this->hint")];
    }
}
