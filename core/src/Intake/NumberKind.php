<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

use Kaddle\Core\Quantity\Amount;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Sentence;

/** A number within limits. */
final readonly class NumberKind implements Kind
{
    private function __construct(
        private Range $range,
        private bool $isWhole,
    ) {}

    public static function within(Range $range): self
    {
        return new self($range, false);
    }

    public static function whole(Range $range): self
    {
        return new self($range, true);
    }

    /** In the unit of the field. */
    public function read(Fields $fields, Field $field): int|float|null
    {
        $value = $fields->raw($field->name);
        $number = is_int($value) || is_float($value) ? (float) $value : null;
        $fault = match (true) {
            $number === null => Sentence::of('The %s must be a number, %s.', $field->label, $this->range),
            !$this->range->contains($number) => Sentence::of(
                'The %s must be %s; it is %s.',
                $field->label,
                $this->range,
                Amount::in($this->range, $number),
            ),
            $this->isWhole && fmod($number, 1.0) !== 0.0 => Sentence::of(
                'The %s must be a whole number, %s.',
                $field->label,
                $this->range,
            ),
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
        return [
            'type' => $this->isWhole ? 'integer' : 'number',
            'minimum' => $this->range->min,
            'maximum' => $this->range->max,
        ];
    }

    public function form(): array
    {
        return [
            'kind' => 'number',
            'min' => $this->range->min,
            'max' => $this->range->max,
            'step' => $this->range->step,
            'unit' => $this->range->unit,
        ];
    }
}
