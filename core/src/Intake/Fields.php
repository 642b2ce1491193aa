<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

use Kaddle\Core\Quantity\Sentence;

/** The fields of one object in a document as it came, and where what is wrong with them is noted. */
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

    /** How many faults were noted so far, in the whole document. */
    public function faults(): int
    {
        return $this->faults->count();
    }

    public function isList(string $name): bool
    {
        return is_array($this->values[$name] ?? null) && array_is_list($this->values[$name]);
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    /** As it came. */
    public function raw(string $name): mixed
    {
        return $this->values[$name] ?? null;
    }

    /** Notes fields that nobody knows: a misspelt one must not be lost in silence. */
    public function allowOnly(string ...$names): void
    {
        foreach (array_diff(array_map(strval(...), array_keys($this->values)), $names) as $stranger) {
            $shown = mb_strimwidth($stranger, 0, 40, '…');
            $this->fault($shown, sprintf('“%s” is not a field here; known are %s.', $shown, implode(', ', $names)));
        }
    }

    public function fault(string $name, Sentence|string $told): void
    {
        $this->faults->add($this->pathOf($name), $told);
    }

    private function pathOf(string $name): string
    {
        return $this->path === '' || $name === '' ? $this->path . $name : "$this->path.$name";
    }
}
