<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/**
 * What may stand in a field: read from outside, told as JSON Schema, offered as a form.
 *
 * One description for all three, so that they cannot drift apart.
 */
interface Kind
{
    /** The value, or null after a fault was noted. */
    public function read(Fields $fields, Field $field): mixed;

    /** The same of a value that was read before and stored. */
    public function stored(mixed $value): mixed;

    /** @return array<string, mixed> JSON Schema of the value */
    public function schema(): array;

    /** @return array<string, mixed> what a form needs to offer it */
    public function form(): array;
}
