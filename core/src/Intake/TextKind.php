<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/** Plain text: no angle brackets and no control characters, so that it is safe wherever it is shown. */
final readonly class TextKind implements Kind
{
    private function __construct(
        private int $most,
        private bool $hasLines,
    ) {}

    /** @param int $most how many letters */
    public static function line(int $most): self
    {
        return new self($most, false);
    }

    /** @param int $most how many letters */
    public static function lines(int $most): self
    {
        return new self($most, true);
    }

    public function read(Fields $fields, Field $field): ?string
    {
        $value = $fields->raw($field->name);
        $text = is_string($value) ? trim($value, " \t\n\r") : '';
        $fault = match (true) {
            $value !== null && !is_string($value) => "The $field->label must be text.",
            $text === '' && !$field->isOptional => "The $field->label must not be empty.",
            mb_strlen($text) > $this->most => "The $field->label is too long: at most $this->most characters.",
            preg_match(
                $this->hasLines ? '/[^\P{C}\n\t]|[<>]/u' : '/\p{C}|[<>]/u',
                $text,
            ) !== 0 => "The $field->label must be plain text, without < and > and control characters.",
            default => null,
        };
        if ($fault !== null) {
            $fields->fault($field->name, $fault);
        }

        return $fault === null ? $text : null;
    }

    public function stored(mixed $value): mixed
    {
        return $value;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'maxLength' => $this->most];
    }

    public function form(): array
    {
        return ['kind' => $this->hasLines ? 'lines' : 'text', 'most' => $this->most];
    }
}
