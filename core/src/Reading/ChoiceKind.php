<?php

declare(strict_types=1);

namespace Kaddle\Core\Reading;

/** One of a closed set. */
final readonly class ChoiceKind implements Kind
{
    /** @param non-empty-array<string, string> $options value => in words */
    private function __construct(
        private array $options,
    ) {}

    /** @param non-empty-array<string, string> $options value => in words */
    public static function of(array $options): self
    {
        return new self($options);
    }

    public function read(Fields $fields, Field $field): ?string
    {
        $value = $fields->raw($field->name);
        if (is_string($value) && isset($this->options[$value])) {
            return $value;
        }
        $fields->fault($field->name, sprintf('The %s must be one of: %s.', $field->label, implode(', ', array_keys($this->options))));

        return null;
    }

    public function schema(): array
    {
        return ['enum' => array_keys($this->options)];
    }

    public function form(): array
    {
        $options = [];
        foreach ($this->options as $value => $label) {
            $options[] = ['value' => $value, 'label' => $label];
        }

        return ['kind' => 'choice', 'options' => $options];
    }
}
