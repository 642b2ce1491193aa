<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/** An object, or a list of such objects. */
final readonly class OneOrManyKind implements Kind
{
    private function __construct(
        private PartKind $one,
        private PartKind $many,
    ) {}

    /**
     * @param string $one what an entry is called
     * @param int $most how many entries
     */
    public static function of(Shape $shape, string $one, int $most): self
    {
        return new self(PartKind::one($shape), PartKind::listOf($shape, $one, $most, 1));
    }

    /** @return Record|list<Record> */
    public function read(Fields $fields, Field $field): Record|array
    {
        return ($fields->isList($field->name) ? $this->many : $this->one)->read($fields, $field);
    }

    /** @return Record|list<Record> */
    public function stored(mixed $value): Record|array
    {
        return (is_array($value) && array_is_list($value) ? $this->many : $this->one)->stored($value);
    }

    public function schema(): array
    {
        return ['oneOf' => [$this->one->schema(), $this->many->schema()]];
    }

    public function form(): array
    {
        return $this->one->form();
    }
}
