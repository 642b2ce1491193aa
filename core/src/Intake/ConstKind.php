<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/** A value that can only be one: a version, a format. */
final readonly class ConstKind implements Kind
{
    private function __construct(
        private int|string $value,
        private string $sentence,
    ) {}

    /**
     * @param string $sentence what is told of any other
     * @param int|string $value the only one that is read; without a unit
     */
    public static function of(int|string $value, string $sentence): self
    {
        return new self($value, $sentence);
    }

    public function read(Fields $fields, Field $field): int|string|null
    {
        if ($fields->raw($field->name) === $this->value) {
            return $this->value;
        }
        $fields->fault($field->name, $this->sentence);

        return null;
    }

    public function stored(mixed $value): mixed
    {
        return $value;
    }

    public function schema(): array
    {
        return ['const' => $this->value];
    }

    public function form(): array
    {
        return ['kind' => 'hidden'];
    }
}
