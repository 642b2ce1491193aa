<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/** One of a closed set. */
final readonly class ChoiceKind implements Kind
{
    /** @param non-empty-array<string, string> $options value => in words */
    private function __construct(
        private array $options,
        /** What the set is called; '' for none of its own. */
        private string $name,
    ) {}

    /** @param non-empty-array<string, string> $options value => in words */
    public static function of(array $options): self
    {
        return new self($options, '');
    }

    /** @param non-empty-list<\BackedEnum> $cases each with a method inWords() */
    public static function among(array $cases): self
    {
        return new self(self::inWords($cases), (new \ReflectionClass($cases[0]))->getShortName());
    }

    /**
     * @internal also of several choices
     *
     * @param non-empty-list<\BackedEnum> $cases each with a method inWords()
     *
     * @return non-empty-array<string, string>
     */
    public static function inWords(array $cases): array
    {
        $options = [];
        foreach ($cases as $case) {
            $words = method_exists($case, 'inWords') ? $case->inWords() : $case->value;
            $options[(string) $case->value] = is_string($words) ? $words : (string) $case->value;
        }

        return $options;
    }

    /**
     * @internal also of several choices
     *
     * @param non-empty-array<string, string> $options value => in words
     *
     * @return non-empty-list<array{value: string, label: string}>
     */
    public static function offered(array $options): array
    {
        return array_map(
            static fn(string $value, string $label): array => ['value' => $value, 'label' => $label],
            array_keys($options),
            $options,
        );
    }

    public function read(Fields $fields, Field $field): ?string
    {
        $value = $fields->raw($field->name);
        if (is_string($value) && isset($this->options[$value])) {
            return $value;
        }
        $fields->fault(
            $field->name,
            sprintf('The %s must be one of: %s.', $field->label, implode(', ', array_keys($this->options))),
        );

        return null;
    }

    public function stored(mixed $value): mixed
    {
        return $value;
    }

    public function schema(): array
    {
        return ($this->name === '' ? [] : ['title' => $this->name]) + ['enum' => array_keys($this->options)];
    }

    public function form(): array
    {
        return ['kind' => 'choice', 'options' => self::offered($this->options)];
    }
}
