<?php

declare(strict_types=1);

namespace App\Accounts;

use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\Fields;
use Kaddle\Core\Intake\Kind;

/** A mail address, without regard to case and stray spaces; none of the quoted ones, which only programs write. */
final readonly class MailKind implements Kind
{
    private const MOST = 190;

    public function read(Fields $fields, Field $field): ?string
    {
        $value = $fields->raw($field->name);
        $address = is_string($value) ? mb_strtolower(trim($value)) : '';
        if (strlen($address) > self::MOST || strpbrk($address, '"<>\\') !== false || filter_var($address, FILTER_VALIDATE_EMAIL) === false) {
            $fields->fault($field->name, 'Give a mail address, like you@example.org.');

            return null;
        }

        return $address;
    }

    public function stored(mixed $value): mixed
    {
        return $value;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'format' => 'email', 'maxLength' => self::MOST];
    }

    public function form(): array
    {
        return ['kind' => 'text', 'most' => self::MOST];
    }
}
