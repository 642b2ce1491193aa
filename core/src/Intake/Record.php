<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

use Kaddle\Core\KaddleException;
use Kaddle\Core\Quantity\Sentence;

/**
 * What a form has read from outside, or what was read before and stored: values by field.
 *
 * The getters promise the kind that the form describes; a field that was left out gives what
 * the form takes for it then. What only several fields together can get wrong is noted here
 * as a fault of one of them.
 */
final readonly class Record
{
    /**
     * @internal made by Shape only
     *
     * @param array<string, mixed> $values inner objects as records
     * @param Fields|null $source where faults are noted; null for what is stored
     * @param array<string, true> $faulty fields in which faults were noted while they were read
     */
    public function __construct(
        private Shape $shape,
        private array $values,
        private ?Fields $source,
        private array $faulty,
    ) {}

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    /** Whether no fault was noted in these fields while they were read; without names, in any. */
    public function isSound(string ...$names): bool
    {
        return ($names === [] ? $this->faulty : array_intersect_key($this->faulty, array_flip($names))) === [];
    }

    /** In the unit of its field. */
    public function number(string $name): float
    {
        $value = $this->value($name);

        return is_int($value) || is_float($value) ? (float) $value : throw $this->broken($name);
    }

    /** A count, or a number in the unit of its field. */
    public function whole(string $name): int
    {
        $number = $this->number($name);

        return fmod($number, 1.0) === 0.0 ? (int) $number : throw $this->broken($name);
    }

    public function text(string $name): string
    {
        $value = $this->value($name);

        return is_string($value) ? $value : throw $this->broken($name);
    }

    public function flag(string $name): bool
    {
        return ($this->values[$name] ?? $this->shape->field($name)->otherwise()) === true;
    }

    /** @return array{float, float, float} */
    public function triple(string $name): array
    {
        $value = $this->value($name);

        return is_array($value) && isset($value[0], $value[1], $value[2]) && is_float($value[0]) && is_float($value[1]) && is_float($value[2])
            ? [$value[0], $value[1], $value[2]]
            : throw $this->broken($name);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function choice(string $name, string $enum): \BackedEnum
    {
        return $enum::from($this->text($name));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return list<T>
     */
    public function choices(string $name, string $enum): array
    {
        $values = $this->values[$name] ?? [];

        return array_map(
            fn(mixed $value): \BackedEnum => is_string($value) ? $enum::from($value) : throw $this->broken($name),
            is_array($values) ? array_values($values) : throw $this->broken($name),
        );
    }

    /** Whether several objects were given where one would do. */
    public function isList(string $name): bool
    {
        return is_array($this->values[$name] ?? null);
    }

    /** An object inside; one that was left out has no fields. */
    public function record(string $name): self
    {
        $value = $this->value($name);

        return $value instanceof self ? $value : throw $this->broken($name);
    }

    /** @return list<self> none where the list was left out */
    public function records(string $name): array
    {
        $values = $this->values[$name] ?? [];

        return array_map(
            fn(mixed $value): self => $value instanceof self ? $value : throw $this->broken($name),
            is_array($values) ? array_values($values) : throw $this->broken($name),
        );
    }

    /**
     * The value that is made from a field, or null after the sentence of what forbids it was noted.
     *
     * @template T of object
     *
     * @param string $name of the field that is to blame
     * @param \Closure(): T $make throws a KaddleException with a sentence
     *
     * @return T|null
     */
    public function attempt(string $name, \Closure $make): ?object
    {
        try {
            return $make();
        } catch (KaddleException $e) {
            $this->fault($name, $e->sentence());

            return null;
        }
    }

    /** @param string $name of the field that is to blame, dotted for one inside */
    public function fault(string $name, Sentence|string $told): void
    {
        $this->source === null
            ? throw FaultyDocument::at($name, $told)
            : $this->source->fault($name, $told);
    }

    /** @return array<string, mixed> fields in the order of the form; those that were left out are missing */
    public function toArray(): array
    {
        return array_map(self::plain(...), $this->values);
    }

    /**
     * Fields in the order of the form, with what it takes for numbers, words and flags that were
     * left out; objects without fields and flags that say nothing are missing.
     *
     * @return array<string, mixed>
     */
    public function settled(): array
    {
        $settled = [];
        foreach ($this->shape->fields as $field) {
            $value = $this->values[$field->name] ?? $field->otherwise();
            $told = match (true) {
                $value instanceof self => $value->settled(),
                is_array($value) => array_map(
                    static fn(mixed $v): mixed => $v instanceof self ? $v->settled() : $v,
                    $value,
                ),
                default => $value,
            };
            if ($told !== null && ($told !== [] || !$value instanceof self) && ($told !== false || $field->isAlwaysThere())) {
                $settled[$field->name] = $told;
            }
        }

        return $settled;
    }

    /** @return array<string, mixed> every field of the form, with what it takes for those that were left out, else null */
    public function filled(): array
    {
        $filled = [];
        foreach ($this->shape->fields as $field) {
            $value = $this->values[$field->name] ?? $field->otherwise();
            $filled[$field->name] = $value instanceof self ? $value->filled() : self::plain($value);
        }

        return $filled;
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof self => $value->toArray(),
            is_array($value) => array_map(self::plain(...), $value),
            default => $value,
        };
    }

    private function value(string $name): mixed
    {
        return $this->values[$name] ?? $this->shape->field($name)->otherwise() ?? throw $this->broken($name);
    }

    private function broken(string $name): \LogicException
    {
        return new \LogicException("The form has no such value “{$name}”.");
    }
}
