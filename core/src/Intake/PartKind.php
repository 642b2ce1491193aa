<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/** An object inside, or a list of them. */
final readonly class PartKind implements Kind
{
    private function __construct(
        public Shape $shape,
        /** 0 for a single object. */
        private int $most,
        private int $least,
        /** What one is called in a list. */
        private string $one,
    ) {}

    public static function one(Shape $shape): self
    {
        return new self($shape, 0, 0, '');
    }

    /**
     * @param string $one what an entry is called: "lamp"
     * @param int $most how many entries, and so $least
     */
    public static function listOf(Shape $shape, string $one, int $most, int $least = 0): self
    {
        return new self($shape, $most, $least, $one);
    }

    public function isList(): bool
    {
        return $this->most > 0;
    }

    /** @return Record|list<Record> */
    public function read(Fields $fields, Field $field): Record|array
    {
        if ($this->most === 0) {
            return $this->shape->read($fields->object($field->name));
        }
        if ($this->least === 0 && $fields->raw($field->name) === []) {
            return [];
        }

        return array_map($this->shape->read(...), $fields->items($field->name, $field->label, $this->most));
    }

    /** @return Record|list<Record> */
    public function stored(mixed $value): Record|array
    {
        $values = is_array($value) ? $value : [];

        return $this->most === 0
            ? $this->shape->stored($values)
            : array_map(
                fn(mixed $one): Record => $this->shape->stored(is_array($one) ? $one : []),
                array_values($values),
            );
    }

    public function schema(): array
    {
        return $this->most === 0
            ? $this->shape->schema()
            : [
                'type' => 'array',
                'minItems' => $this->least,
                'maxItems' => $this->most,
                'items' => $this->shape->schema(),
            ];
    }

    public function form(): array
    {
        return $this->most === 0
            ? ['kind' => 'part', 'fields' => $this->shape->form()]
            : ['kind' => 'list', 'one' => $this->one, 'most' => $this->most, 'fields' => $this->shape->form()];
    }
}
