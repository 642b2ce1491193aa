<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/** Any number of a closed set, each once. */
final readonly class ChoicesKind implements Kind
{
    /** @param non-empty-array<string, string> $options value => in words */
    private function __construct(
        private array $options,
    ) {}

    /** @param non-empty-list<\BackedEnum> $cases each with a method inWords() */
    public static function among(array $cases): self
    {
        return new self(ChoiceKind::inWords($cases));
    }

    /** @return list<string>|null */
    public function read(Fields $fields, Field $field): ?array
    {
        $value = $fields->raw($field->name);
        $known = is_array($value)
            ? array_values(
                array_unique(array_filter($value, fn(mixed $v): bool => is_string($v) && isset($this->options[$v]))),
            )
            : [];
        if (is_array($value) && count($known) === count($value)) {
            return array_map(strval(...), $known);
        }
        $fields->fault(
            $field->name,
            sprintf(
                'The %s must be a list of: %s, each at most once.',
                $field->label,
                implode(', ', array_keys($this->options)),
            ),
        );

        return null;
    }

    public function stored(mixed $value): mixed
    {
        return $value;
    }

    public function schema(): array
    {
        return ['type' => 'array', 'uniqueItems' => true, 'items' => ['enum' => array_keys($this->options)]];
    }

    public function form(): array
    {
        return ['kind' => 'choices', 'options' => ChoiceKind::offered($this->options)];
    }
}
