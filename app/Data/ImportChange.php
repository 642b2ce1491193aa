<?php

declare(strict_types=1);

namespace App\Data;

/** What an import does to one record. */
final readonly class ImportChange
{
    public function __construct(
        /** "piece", "room", "place", "night" or "moment" */
        public string $what,
        public string $name,
        /** "new", "changed", "same" or "removed" */
        public string $action,
    ) {}
}
