<?php

declare(strict_types=1);

namespace Kaddle\Core\Reading;

use Kaddle\Core\KaddleException;
use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Quantity\Number;

/**
 * The fields of one object in a document.
 *
 * Every getter gives the value, or notes a fault and gives null.
 */
final readonly class Fields
{
    /** @param array<array-key, mixed> $values */
    private function __construct(
        private array $values,
        private string $path,
        private Faults $faults,
    ) {}

    /**
     * @param array<array-key, mixed> $values
     * @param string $path where the object stands in its document, '' for the document itself
     */
    public static function of(array $values, string $path, Faults $faults): self
    {
        return new self($values, $path, $faults);
    }

    /**
     * A document of its own, as a whole or not at all.
     *
     * @param array<array-key, mixed> $values
     * @param callable(self): array<string, mixed> $read
     *
     * @return array<string, mixed>
     *
     * @throws FaultyDocument
     */
    public static function whole(array $values, callable $read): array
    {
        $faults = new Faults();
        $result = $read(self::of($values, '', $faults));
        $faults->mustBeNone();

        return $result;
    }

    /** The fields of an object inside; when it is missing, every field in it will be. */
    public function object(string $name): self
    {
        $value = $this->values[$name] ?? null;
        if (!is_array($value) || (array_is_list($value) && $value !== [])) {
            $this->fault($name, sprintf('“%s” must be an object with its fields.', $this->pathOf($name)));

            return new self([], $this->pathOf($name), new Faults());
        }

        return new self($value, $this->pathOf($name), $this->faults);
    }

    /** @return list<self> the objects of a list, at most $most of them */
    public function items(string $name, string $what, int $most): array
    {
        $value = $this->values[$name] ?? null;
        if (!is_array($value) || !array_is_list($value) || $value === [] || count($value) > $most) {
            $this->fault($name, "The $what must be a list of 1 to $most.");

            return [];
        }
        $items = [];
        foreach ($value as $i => $item) {
            $items[] = new self(is_array($item) ? $item : [], $this->pathOf("$name.$i"), $this->faults);
        }

        return $items;
    }

    public function isList(string $name): bool
    {
        return is_array($this->values[$name] ?? null) && array_is_list($this->values[$name]);
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    public function is(string $name, int $value): bool
    {
        return ($this->values[$name] ?? null) === $value;
    }

    /** The same fields, with their faults noted elsewhere. */
    public function noting(Faults $faults): self
    {
        return new self($this->values, $this->path, $faults);
    }

    /** Takes over faults that were noted elsewhere, under the same paths. */
    public function take(Faults $faults): void
    {
        foreach ($faults->all() as $fault) {
            $this->faults->add($fault->field, $fault->message);
        }
    }

    /** The same fields but for some, which are read elsewhere. */
    public function without(string ...$names): self
    {
        return new self(array_diff_key($this->values, array_flip($names)), $this->path, $this->faults);
    }

    /** None but these. */
    public function only(string ...$names): self
    {
        return new self(array_intersect_key($this->values, array_flip($names)), $this->path, $this->faults);
    }

    /** As it came. */
    public function raw(string $name): mixed
    {
        return $this->values[$name] ?? null;
    }

    /** True or false; false where it is missing. */
    public function flag(string $name, string $what): bool
    {
        $value = $this->values[$name] ?? false;
        if (!is_bool($value)) {
            $this->fault($name, "The $what must be true or false.");
        }

        return $value === true;
    }

    public function number(string $name, string $what, Limits $limits): ?float
    {
        $value = $this->values[$name] ?? null;
        if (!is_int($value) && !is_float($value)) {
            $this->fault($name, "The $what must be a number, {$limits->inWords()}.");

            return null;
        }
        if (!$limits->contains((float) $value)) {
            $this->fault($name, sprintf('The %s must be %s; it is %s.', $what, $limits->inWords(), Number::plain((float) $value)));

            return null;
        }

        return (float) $value;
    }

    /**
     * Three numbers, each within the same limits.
     *
     * @return array{float, float, float}|null
     */
    public function triple(string $name, string $what, Limits $limits): ?array
    {
        $value = $this->values[$name] ?? null;
        $numbers = is_array($value) ? array_values(array_filter($value, static fn(mixed $n): bool => is_int($n) || is_float($n))) : [];
        if (!is_array($value) || count($value) !== 3 || count($numbers) !== 3) {
            $this->fault($name, "The $what must be three numbers, {$limits->inWords()} each.");

            return null;
        }
        foreach ($numbers as $number) {
            if (!$limits->contains((float) $number)) {
                $this->fault($name, sprintf('The %s must be %s in each number; one is %s.', $what, $limits->inWords(), Number::plain((float) $number)));

                return null;
            }
        }

        return [(float) $numbers[0], (float) $numbers[1], (float) $numbers[2]];
    }

    /**
     * One of the values of a closed set.
     *
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function oneOf(string $name, string $what, string $enum): ?\BackedEnum
    {
        $value = $this->values[$name] ?? null;
        $found = is_string($value) ? $enum::tryFrom($value) : null;
        if ($found === null) {
            $known = implode(', ', array_map(static fn(\BackedEnum $case): string => (string) $case->value, $enum::cases()));
            $this->fault($name, "The $what must be one of: $known.");
        }

        return $found;
    }

    /**
     * A value made from a label as gear shows it; numbers are taken as labels too.
     *
     * @template T of object
     *
     * @param callable(string): T $make throwing a KaddleException with a sentence
     *
     * @return T|null
     */
    public function label(string $name, string $what, callable $make): ?object
    {
        $value = $this->values[$name] ?? null;
        if (!is_string($value) && !is_int($value) && !is_float($value)) {
            $this->fault($name, "The $what is missing.");

            return null;
        }
        try {
            return $make((string) $value);
        } catch (KaddleException $e) {
            $this->fault($name, $e->getMessage());

            return null;
        }
    }

    /** Notes fields that nobody knows: a misspelt one must not be lost in silence. */
    public function allowOnly(string ...$names): void
    {
        foreach (array_diff(array_map(strval(...), array_keys($this->values)), $names) as $stranger) {
            $shown = mb_strimwidth($stranger, 0, 40, '…');
            $this->fault($shown, sprintf('“%s” is not a field here; known are %s.', $shown, implode(', ', $names)));
        }
    }

    public function fault(string $name, string $message): void
    {
        $this->faults->add($this->pathOf($name), $message);
    }

    private function pathOf(string $name): string
    {
        return $this->path === '' ? $name : "$this->path.$name";
    }
}
