<?php

declare(strict_types=1);

namespace Kaddle\Core\Reading;

use Kaddle\Core\Quantity\Limits;

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
        $number = $fields->number($field->name, $field->label, $this->limits);
        if ($number === null || !$this->isWhole) {
            return $number;
        }
        if (fmod($number, 1.0) !== 0.0) {
            $fields->fault($field->name, "The $field->label must be a whole number, {$this->limits->inWords()}.");

            return null;
        }

        return (int) $number;
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
