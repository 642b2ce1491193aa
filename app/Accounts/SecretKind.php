<?php

declare(strict_types=1);

namespace App\Accounts;

use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\Fields;
use Kaddle\Core\Intake\Kind;

/** A password: one that is known already, or a new one, which must not be easy to guess. */
final readonly class SecretKind implements Kind
{
    private const LEAST = 10;
    private const MOST = 200;

    private function __construct(
        private bool $isNew,
    ) {}

    /** A password to be compared with the one that is stored. */
    public static function known(): self
    {
        return new self(false);
    }

    /** A password that somebody chooses. */
    public static function chosen(): self
    {
        return new self(true);
    }

    public function read(Fields $fields, Field $field): ?string
    {
        $value = $fields->raw($field->name);
        $secret = is_string($value) ? $value : '';
        $fault = match (true) {
            $this->isNew && mb_strlen($secret) < self::LEAST => sprintf(
                'Choose a password of at least %d characters.',
                self::LEAST,
            ),
            $secret === '' => "Give the $field->label.",
            mb_strlen($secret) > self::MOST => sprintf(
                'The %s is too long: at most %d characters.',
                $field->label,
                self::MOST,
            ),
            preg_match('/\p{Cc}/u', $secret) !== 0 => "The $field->label must not contain control characters.",
            $this->isNew && CommonPasswords::contain($secret) => 'This password is among the first that anybody would try. Choose another.',
            default => null,
        };
        if ($fault !== null) {
            $fields->fault($field->name, $fault);
        }

        return $fault === null ? $secret : null;
    }

    public function stored(mixed $value): mixed
    {
        return $value;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'maxLength' => self::MOST];
    }

    public function form(): array
    {
        return ['kind' => 'text', 'most' => self::MOST];
    }
}
