<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

use Kaddle\Core\KaddleException;
use Kaddle\Core\Quantity\Sentence;

/** A document that cannot be taken, with every fault found in it. */
final class FaultyDocument extends \DomainException implements KaddleException
{
    /** @param non-empty-list<Fault> $faults */
    private function __construct(
        public readonly array $faults,
    ) {
        parent::__construct(implode(' ', array_map(static fn(Fault $f): string => $f->message, $faults)));
    }

    /** @param non-empty-list<Fault> $faults */
    public static function with(array $faults): self
    {
        return new self($faults);
    }

    public static function asAWhole(string $message): self
    {
        return self::at('', $message);
    }

    public static function at(string $field, Sentence|string $told): self
    {
        return new self([new Fault($field, is_string($told) ? Sentence::words($told) : $told)]);
    }

    /** All of them, one after the other. */
    public function sentence(): Sentence
    {
        return Sentence::of(
            implode(' ', array_fill(0, count($this->faults), '%s')),
            ...array_map(static fn(Fault $f): Sentence => $f->sentence, $this->faults),
        );
    }

    /**
     * Sentences by field.
     *
     * @param string $whole name for what is wrong with the document as a whole
     * @param (\Closure(Sentence): string)|null $words in which they are told; null for SI units
     *
     * @return array<string, non-empty-list<string>>
     */
    public function byField(string $whole, ?\Closure $words = null): array
    {
        $told = [];
        foreach ($this->faults as $fault) {
            $told[$fault->field === '' ? $whole : $fault->field][] = $words === null
                ? $fault->message
                : $words($fault->sentence);
        }

        return $told;
    }

    /**
     * The same for somebody who knows some of the fields by other names.
     *
     * @param array<string, string> $names by name in the document
     */
    public function renamed(array $names): self
    {
        return new self(
            array_map(
                static fn(Fault $f): Fault => new Fault($names[$f->field] ?? $f->field, $f->sentence),
                $this->faults,
            ),
        );
    }
}
