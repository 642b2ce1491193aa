<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

use Kaddle\Core\KaddleException;

/** A setting as gear shows it: "1/200", "f/2.8", "6400". */
final readonly class LabelKind implements Kind
{
    /** @param \Closure(string): string $make the customary label; throws a KaddleException with a sentence */
    private function __construct(
        private \Closure $make,
        private string $example,
    ) {}

    /** @param \Closure(string): string $make the customary label; throws a KaddleException with a sentence */
    public static function madeBy(\Closure $make, string $example): self
    {
        return new self($make, $example);
    }

    public function read(Fields $fields, Field $field): ?string
    {
        $value = $fields->raw($field->name);
        if (!is_string($value) && !is_int($value) && !is_float($value)) {
            $fields->fault($field->name, "The $field->label is missing.");

            return null;
        }
        try {
            return ($this->make)((string) $value);
        } catch (KaddleException $e) {
            $fields->fault($field->name, $e->sentence());

            return null;
        }
    }

    public function stored(mixed $value): mixed
    {
        return $value;
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
