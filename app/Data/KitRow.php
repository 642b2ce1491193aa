<?php

declare(strict_types=1);

namespace App\Data;

/** A moment of the kit check. */
final readonly class KitRow
{
    /** @param list<KitCellData> $cells */
    public function __construct(
        public int $momentId,
        public string $name,
        /** "19:30" */
        public string $startsAt,
        /** Ways that were tried; empty while it is not reckoned yet. @var list<KitCellData> */
        public array $cells,
        /** Place in the list of the cell with most to spare. */
        public int $best,
    ) {}
}
