<?php

declare(strict_types=1);

namespace App\Planning;

use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\Fields;
use Kaddle\Core\Intake\Kind;

/** A piece of somebody's bag by its number; whether it is there and theirs is seen where it is looked up. */
final readonly class RecordKind implements Kind
{
    /** Told also where no such piece is found. */
    public const SENTENCE = 'Choose one from your bag.';

    public function read(Fields $fields, Field $field): ?int
    {
        $number = filter_var($fields->raw($field->name), FILTER_VALIDATE_INT, ['options' => ['min_range' => 1]]);
        if ($number !== false) {
            return $number;
        }
        $fields->fault($field->name, self::SENTENCE);

        return null;
    }

    public function stored(mixed $value): mixed
    {
        return $value;
    }

    public function schema(): array
    {
        return ['type' => 'integer', 'minimum' => 1];
    }

    public function form(): array
    {
        return ['kind' => 'record'];
    }
}
