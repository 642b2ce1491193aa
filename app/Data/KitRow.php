<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;
use Kaddle\Core\Plan\KitCell;
use Kaddle\Core\Plan\KitCheck;

/** A moment of the kit check. */
final readonly class KitRow
{
    /** @param list<KitCellData> $cells */
    private function __construct(
        public int $momentId,
        public string $name,
        /** "19:30" */
        public string $startsAt,
        /** In the order of the ways. @var list<KitCellData> */
        public array $cells,
        /** Place in the list of the cell with most to spare. */
        public int $best,
    ) {}

    public static function of(Moment $moment, KitCheck $check): self
    {
        return new self(
            $moment->id,
            $moment->name,
            $moment->clock(),
            array_map(static fn(KitCell $c): KitCellData => KitCellData::of($c), $check->cells),
            (int) array_search($check->best(), $check->cells, true),
        );
    }
}
