<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;
use App\Planning\KitResult;

/** A moment of the kit check. */
final readonly class KitRow
{
    /** @param list<KitCellData> $cells */
    private function __construct(
        public int $momentId,
        public string $name,
        /** "19:30" */
        public string $startsAt,
        /** In the order of the ways; empty while it is not reckoned yet. @var list<KitCellData> */
        public array $cells,
        /** Place in the list of the cell with most to spare. */
        public int $best,
    ) {}

    public static function of(Moment $moment, ?KitResult $result): self
    {
        return new self($moment->id, $moment->name, $moment->clock(), $result->cells ?? [], $result->best ?? 0);
    }
}
