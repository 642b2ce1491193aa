<?php

declare(strict_types=1);

namespace Kaddle\Core\Reading;

/** Collects faults while a document is read, so that all are told at once. */
final class Faults
{
    /** @var list<Fault> */
    private array $all = [];

    public function add(string $field, string $message): void
    {
        $this->all[] = new Fault($field, $message);
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
            throw FaultyDocument::with($this->all);
        }
    }
}
