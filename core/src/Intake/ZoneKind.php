<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/** A time zone by its name in the IANA database: "Europe/…". */
final readonly class ZoneKind implements Kind
{
    public function read(Fields $fields, Field $field): ?string
    {
        $value = $fields->raw($field->name);
        if (is_string($value) && in_array($value, \DateTimeZone::listIdentifiers(), true)) {
            return $value;
        }
        $fields->fault($field->name, "The $field->label must be a name of the IANA database, like Atlantic/Reykjavik.");

        return null;
    }

    public function stored(mixed $value): mixed
    {
        return $value;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'examples' => ['Atlantic/Reykjavik']];
    }

    public function form(): array
    {
        return ['kind' => 'zone'];
    }
}
