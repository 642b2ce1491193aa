<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/**
 * The fields of an object, as one description for reading, refusing, schema, form and types.
 *
 * Fields that nobody knows are refused: a misspelt one must not be lost in silence.
 */
final readonly class Shape
{
    /**
     * @param list<Field> $fields
     * @param list<list<string>> $ways
     * @param list<\Closure(Record): void> $checks
     */
    private function __construct(
        public array $fields,
        /** What the page calls it; '' for none of its own. */
        public string $name,
        /** Groups of fields, one of which must be there as a whole; none where that does not matter. */
        private array $ways,
        /** What is told where more than one is there; '' where that is no fault. */
        private string $onlyOne,
        private array $checks,
        /** Whether fields that nobody knows are passed over. */
        private bool $isOpen,
    ) {}

    public static function of(Field ...$fields): self
    {
        return new self(array_values($fields), '', [], '', [], false);
    }

    public function with(Field ...$fields): self
    {
        return new self(
            [...$this->fields, ...array_values($fields)],
            $this->name,
            $this->ways,
            $this->onlyOne,
            $this->checks,
            $this->isOpen,
        );
    }

    /** The same with others before them. */
    public function led(Field ...$fields): self
    {
        return new self(
            [...array_values($fields), ...$this->fields],
            $this->name,
            $this->ways,
            $this->onlyOne,
            $this->checks,
            $this->isOpen,
        );
    }

    /** The same without some of its fields, which no check may ask for. */
    public function without(string ...$names): self
    {
        $left = array_values(
            array_filter($this->fields, static fn(Field $f): bool => !in_array($f->name, $names, true)),
        );

        return new self($left, $this->name, $this->ways, $this->onlyOne, $this->checks, $this->isOpen);
    }

    /** Some of the fields, in the same order; without what is told of several together. */
    public function only(string ...$names): self
    {
        return self::of(...array_filter($this->fields, static fn(Field $f): bool => in_array($f->name, $names, true)));
    }

    public function called(string $name): self
    {
        return new self($this->fields, $name, $this->ways, $this->onlyOne, $this->checks, $this->isOpen);
    }

    /**
     * The same, told in one of several ways.
     *
     * @param list<list<string>> $ways groups of fields, of which one must be there; the first is asked for where none is
     * @param string $onlyOne what is told where more than one is there; '' where that is no fault
     */
    public function inOneWay(array $ways, string $onlyOne = ''): self
    {
        return new self($this->fields, $this->name, $ways, $onlyOne, $this->checks, $this->isOpen);
    }

    /**
     * The same, with what only several fields together can get wrong.
     *
     * @param \Closure(Record): void $check notes faults
     */
    public function checked(\Closure $check): self
    {
        return new self(
            $this->fields,
            $this->name,
            $this->ways,
            $this->onlyOne,
            [...$this->checks, $check],
            $this->isOpen,
        );
    }

    /** The same, in which fields that nobody knows are passed over. */
    public function open(): self
    {
        return new self($this->fields, $this->name, $this->ways, $this->onlyOne, $this->checks, true);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(static fn(Field $f): string => $f->name, $this->fields);
    }

    public function field(string $name): Field
    {
        foreach ($this->fields as $field) {
            if ($field->name === $name) {
                return $field;
            }
        }

        throw new \LogicException("The form has no field “{$name}”.");
    }

    /**
     * A document of its own, as a whole or not at all.
     *
     * @param array<array-key, mixed> $values
     *
     * @throws FaultyDocument
     */
    public function whole(array $values): Record
    {
        $faults = new Faults();
        $record = $this->read(Fields::of($values, '', $faults));
        $faults->mustBeNone();

        return $record;
    }

    /** As a part of a larger document; of use only as far as it is sound. */
    public function read(Fields $fields): Record
    {
        if (!$this->isOpen) {
            $fields->allowOnly(...$this->names());
        }
        $values = $faulty = [];
        foreach ($this->fields as $field) {
            if ($fields->has($field->name) || !$field->isOptional) {
                $before = $fields->faults();
                $values[$field->name] = $field->kind->read($fields, $field);
                $faulty += $fields->faults() > $before ? [$field->name => true] : [];
            }
        }
        $faulty += $this->missingWay($fields);
        $record = new Record($this, $values, $fields, $faulty);
        foreach ($this->checks as $check) {
            $check($record);
        }

        return $record;
    }

    /**
     * What was read before and stored. Fields that the form does not have any more are left out.
     *
     * @param array<array-key, mixed> $values
     */
    public function stored(array $values): Record
    {
        $stored = [];
        foreach ($this->fields as $field) {
            if (isset($values[$field->name])) {
                $stored[$field->name] = $field->kind->stored($values[$field->name]);
            }
        }

        return new Record($this, $stored, null, []);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        $properties = [];
        foreach ($this->fields as $field) {
            $properties[$field->name] = $field->schema();
        }
        $needed = array_values(array_filter($this->fields, static fn(Field $f): bool => !$f->isOptional));

        return [
            'type' => 'object',
            'additionalProperties' => $this->isOpen,
            'required' => array_map(static fn(Field $f): string => $f->name, $needed),
            'properties' => $properties,
        ] + ($this->ways === [] ? [] : [
            $this->onlyOne === ''
                ? 'anyOf'
                : 'oneOf' => array_map(static fn(array $way): array => ['required' => $way], $this->ways),
        ]);
    }

    /** @return list<array<string, mixed>> */
    public function form(): array
    {
        return array_map(static fn(Field $f): array => [
            'name' => $f->name,
            'label' => ucfirst($f->label),
            'hint' => $f->hint,
            'optional' => $f->isOptional,
            'when' => $f->when,
            ...$f->kind->form(),
        ], $this->fields);
    }

    /** @return array<string, true> fields that were found missing */
    private function missingWay(Fields $fields): array
    {
        $there = array_values(
            array_filter($this->ways, static fn(array $way): bool => ($fields->raw($way[0]) ?? false) !== false),
        );
        if (count($there) > 1 && $this->onlyOne !== '') {
            $fields->fault($there[0][0], $this->onlyOne);

            return [$there[0][0] => true];
        }
        $missing = array_values(
            array_filter($there[0] ?? $this->ways[0] ?? [], static fn(string $name): bool => !$fields->has($name)),
        );
        foreach ($missing as $name) {
            $field = $this->field($name);
            $field->kind->read($fields, $field);
        }

        return array_fill_keys($missing, true);
    }
}
