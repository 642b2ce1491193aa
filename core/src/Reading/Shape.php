<?php

declare(strict_types=1);

namespace Kaddle\Core\Reading;

/**
 * The fields of an object, as one description for reading, schema and form.
 *
 * Fields that nobody knows are refused: a misspelt one must not be lost in silence.
 */
final readonly class Shape
{
    /** @param list<Field> $fields */
    private function __construct(
        public array $fields,
    ) {}

    public static function of(Field ...$fields): self
    {
        return new self(array_values($fields));
    }

    public function with(Field ...$fields): self
    {
        return new self([...$this->fields, ...array_values($fields)]);
    }

    /** @return array<string, mixed> the known fields that were given; of use only when no fault was noted */
    public function read(Fields $fields): array
    {
        $fields->allowOnly(...array_map(static fn(Field $f): string => $f->name, $this->fields));
        $values = [];
        foreach ($this->fields as $field) {
            if ($fields->has($field->name) || !$field->isOptional) {
                $values[$field->name] = $field->kind->read($fields, $field);
            }
        }

        return $values;
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        $properties = [];
        foreach ($this->fields as $field) {
            $properties[$field->name] = $field->kind->schema() + ['description' => trim("$field->label. $field->hint", ' ')];
        }
        $needed = array_values(array_filter($this->fields, static fn(Field $f): bool => !$f->isOptional));

        return [
            'type' => 'object',
            'additionalProperties' => false,
            'required' => array_map(static fn(Field $f): string => $f->name, $needed),
            'properties' => $properties,
        ];
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
}
