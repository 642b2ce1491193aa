<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan\Reading;

/** Collects faults while a document is read, so that all are told at once. */
final class Faults
{
    /** @var list<Fault> */
    private array $all = [];

    public function add(string $field, string $message): void
    {
        $this->all[] = new Fault($field, $message);
    }

    /** @throws FaultyDocument when there are any */
    public function mustBeNone(): void
    {
        if ($this->all !== []) {
            throw FaultyDocument::with($this->all);
        }
    }
}
