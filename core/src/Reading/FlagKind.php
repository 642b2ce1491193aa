<?php

declare(strict_types=1);

namespace Kaddle\Core\Reading;

/** Yes or no. */
final readonly class FlagKind implements Kind
{
    public function read(Fields $fields, Field $field): bool
    {
        return $fields->flag($field->name, $field->label);
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
