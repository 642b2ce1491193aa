<?php

declare(strict_types=1);

namespace App\Data;

/** What an import does to one record. */
final readonly class ImportChange
{
    private function __construct(
        /** "piece", "room", "place", "night" or "moment" */
        public string $what,
        public string $name,
        /** "new", "changed", "same" or "removed" */
        public string $action,
    ) {}

    public static function of(string $what, string $name, bool $existed, bool $changed): self
    {
        return new self($what, $name, match (true) {
            !$existed => 'new',
            $changed => 'changed',
            default => 'same',
        });
    }

    public static function removed(string $what, string $name): self
    {
        return new self($what, $name, 'removed');
    }
}
