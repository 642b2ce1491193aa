<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

use Kaddle\Core\Quantity\Sentence;

/** Collects faults while a document is read, so that all are told at once, or as many as anybody reads. */
final class Faults
{
    /** So many are told. */
    private const MOST = 50;

    /** @var list<Fault> */
    private array $all = [];

    private int $count = 0;

    public function add(string $field, Sentence|string $told): void
    {
        if (++$this->count <= self::MOST) {
            $this->all[] = new Fault($field, is_string($told) ? Sentence::words($told) : $told);
        }
    }

    /** How many were found, those included that are not told. */
    public function count(): int
    {
        return $this->count;
    }

    public function areNone(): bool
    {
        return $this->all === [];
    }

    /** @return list<Fault> */
    public function all(): array
    {
        return $this->all;
    }

    /** @throws FaultyDocument when there are any */
    public function mustBeNone(): void
    {
        if ($this->all !== []) {
            throw FaultyDocument::with($this->count <= self::MOST
                ? $this->all
                : [
                    ...$this->all,
                    new Fault(
                        '',
                        Sentence::of(
                            'And %s more faults, which are told once these are mended.',
                            (string) ($this->count - self::MOST),
                        ),
                    ),
                ]);
        }
    }
}
