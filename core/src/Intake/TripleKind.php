<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

use Kaddle\Core\Quantity\Amount;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Sentence;

/** Three numbers, each within the same limits: a place, a direction, a colour. */
final readonly class TripleKind implements Kind
{
    private function __construct(
        private Range $range,
    ) {}

    public static function within(Range $range): self
    {
        return new self($range);
    }

    /** @return array{float, float, float}|null */
    public function read(Fields $fields, Field $field): ?array
    {
        $value = $fields->raw($field->name);
        $numbers = is_array($value)
            ? array_values(array_filter($value, static fn(mixed $n): bool => is_int($n) || is_float($n)))
            : [];
        if (!is_array($value) || count($value) !== 3 || count($numbers) !== 3) {
            $fields->fault(
                $field->name,
                Sentence::of('The %s must be three numbers, %s each.', $field->label, $this->range),
            );

            return null;
        }
        foreach ($numbers as $number) {
            if (!$this->range->contains((float) $number)) {
                $fields->fault(
                    $field->name,
                    Sentence::of(
                        'The %s must be %s in each number; one is %s.',
                        $field->label,
                        $this->range,
                        Amount::in($this->range, (float) $number),
                    ),
                );

                return null;
            }
        }

        return [(float) $numbers[0], (float) $numbers[1], (float) $numbers[2]];
    }

    public function stored(mixed $value): mixed
    {
        return $value;
    }

    public function schema(): array
    {
        return [
            'type' => 'array',
            'minItems' => 3,
            'maxItems' => 3,
            'items' => ['type' => 'number', 'minimum' => $this->range->min, 'maximum' => $this->range->max],
        ];
    }

    public function form(): array
    {
        return [
            'kind' => 'triple',
            'min' => $this->range->min,
            'max' => $this->range->max,
            'unit' => $this->range->unit,
        ];
    }
}
