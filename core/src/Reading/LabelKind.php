<?php

declare(strict_types=1);

namespace Kaddle\Core\Reading;

/** A setting as gear shows it: "1/200", "f/2.8", "6400". */
final readonly class LabelKind implements Kind
{
    /** @param \Closure(string): object $make throws a KaddleException with a sentence */
    private function __construct(
        private \Closure $make,
        private string $example,
    ) {}

    /** @param \Closure(string): object $make throws a KaddleException with a sentence */
    public static function madeBy(\Closure $make, string $example): self
    {
        return new self($make, $example);
    }

    public function read(Fields $fields, Field $field): ?string
    {
        $made = $fields->label($field->name, $field->label, $this->make);
        $value = $fields->raw($field->name);

        return $made !== null && is_scalar($value) ? (string) $value : null;
    }

    public function schema(): array
    {
        return ['type' => ['string', 'number'], 'examples' => [$this->example]];
    }

    public function form(): array
    {
        return ['kind' => 'text', 'most' => 12, 'example' => $this->example];
    }
}
