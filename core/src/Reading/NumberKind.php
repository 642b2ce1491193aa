<?php

declare(strict_types=1);

namespace Kaddle\Core\Reading;

use Kaddle\Core\Quantity\Amount;
use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Quantity\Sentence;

/** A number within limits. */
final readonly class NumberKind implements Kind
{
    private function __construct(
        private Limits $limits,
        private bool $isWhole,
    ) {}

    public static function within(Limits $limits): self
    {
        return new self($limits, false);
    }

    public static function whole(Limits $limits): self
    {
        return new self($limits, true);
    }

    public function read(Fields $fields, Field $field): int|float|null
    {
        $value = $fields->raw($field->name);
        $number = is_int($value) || is_float($value) ? (float) $value : null;
        $fault = match (true) {
            $number === null => Sentence::of('The %s must be a number, %s.', $field->label, $this->limits),
            !$this->limits->contains($number) => Sentence::of('The %s must be %s; it is %s.', $field->label, $this->limits, Amount::in($this->limits, $number)),
            $this->isWhole && fmod($number, 1.0) !== 0.0 => Sentence::of('The %s must be a whole number, %s.', $field->label, $this->limits),
            default => null,
        };
        if ($fault !== null) {
            $fields->fault($field->name, $fault);

            return null;
        }

        return $this->isWhole ? (int) $number : $number;
    }

    public function stored(mixed $value): mixed
    {
        return $value;
    }

    public function schema(): array
    {
        return ['type' => $this->isWhole ? 'integer' : 'number', 'minimum' => $this->limits->min, 'maximum' => $this->limits->max];
    }

    public function form(): array
    {
        return ['kind' => 'number', 'min' => $this->limits->min, 'max' => $this->limits->max, 'step' => $this->limits->step, 'unit' => $this->limits->unit];
    }
}
