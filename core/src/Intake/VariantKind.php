<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/** A list of objects of several shapes, told apart by one of their fields. */
final readonly class VariantKind implements Kind
{
    /** @param non-empty-array<string, Shape> $shapes by value of the field that tells them apart */
    private function __construct(
        private array $shapes,
        private string $by,
        private string $label,
        private int $most,
    ) {}

    /**
     * @param non-empty-array<string, Shape> $shapes by value of the field that tells them apart
     * @param string $label of that field
     * @param int $most how many entries
     */
    public static function listOf(array $shapes, string $by, string $label, int $most): self
    {
        return new self($shapes, $by, $label, $most);
    }

    /** @return list<Record> */
    public function read(Fields $fields, Field $field): array
    {
        $records = [];
        foreach ($fields->raw($field->name) === [] ? [] : $fields->items($field->name, $field->label, $this->most) as $item) {
            $value = $item->raw($this->by);
            $shape = is_string($value) ? $this->shapes[$value] ?? null : null;
            if ($shape === null) {
                $item->fault(
                    $this->by,
                    sprintf('The %s must be one of: %s.', $this->label, implode(', ', array_keys($this->shapes))),
                );
            } else {
                $records[] = $shape->read($item);
            }
        }

        return $records;
    }

    /** @return list<Record> */
    public function stored(mixed $value): array
    {
        $records = [];
        foreach (is_array($value) ? $value : [] as $item) {
            $shape = is_array($item) && is_string($item[$this->by] ?? null)
                ? $this->shapes[$item[$this->by]] ?? null
                : null;
            $records[] = $shape?->stored(is_array($item) ? $item : []) ?? throw new \LogicException(
                'a stored object of no known kind',
            );
        }

        return $records;
    }

    public function schema(): array
    {
        return [
            'type' => 'array',
            'maxItems' => $this->most,
            'items' => ['oneOf' => array_map(static fn(Shape $s): array => $s->schema(), array_values($this->shapes))],
        ];
    }

    public function form(): array
    {
        throw new \LogicException('no form offers a list of several kinds');
    }
}
