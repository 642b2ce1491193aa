<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/** Yes or no. */
final readonly class FlagKind implements Kind
{
    public function read(Fields $fields, Field $field): ?bool
    {
        $value = $fields->raw($field->name);
        if (!is_bool($value)) {
            $fields->fault($field->name, "The $field->label must be true or false.");
        }

        return is_bool($value) ? $value : null;
    }

    public function stored(mixed $value): mixed
    {
        return $value;
    }

    public function schema(): array
    {
        return ['type' => 'boolean'];
    }

    public function form(): array
    {
        return ['kind' => 'flag'];
    }
}
