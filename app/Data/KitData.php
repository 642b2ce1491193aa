<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;
use App\Models\Night;
use Illuminate\Support\Collection;
use Kaddle\Core\Plan\KitCell;
use Kaddle\Core\Plan\KitCheck;
use Kaddle\Core\Plan\ShoppingItem;
use Kaddle\Core\Plan\ShoppingList;

/** The kit check of a night: moments by ways of lighting, and what would buy most. */
final readonly class KitData
{
    /**
     * @param list<string> $ways
     * @param list<KitRow> $rows
     * @param list<PurchaseData> $purchases
     */
    private function __construct(
        public NightData $night,
        /** Columns of the matrix. @var list<string> */
        public array $ways,
        /** @var list<KitRow> */
        public array $rows,
        /** The most useful first. @var list<PurchaseData> */
        public array $purchases,
        /** Moments of this page that cannot be had with the bag. */
        public int $short,
        public int $page,
        public int $pages,
    ) {}

    /**
     * @param Collection<int, Moment> $moments
     * @param array<int, KitCheck> $checks by moment
     */
    public static function of(Night $night, Collection $moments, array $checks, int $page, int $pages): self
    {
        $rows = [];
        $named = [];
        foreach ($moments as $moment) {
            $rows[] = KitRow::of($moment, $checks[$moment->id]);
            $named[] = ["{$moment->clock()} {$moment->name}", $checks[$moment->id]];
        }
        $list = ShoppingList::of($named);
        $first = array_values($checks)[0] ?? null;

        return new self(
            NightData::of($night),
            array_map(static fn(KitCell $c): string => $c->way->label, $first->cells ?? []),
            $rows,
            array_map(static fn(ShoppingItem $i): PurchaseData => PurchaseData::of($i), $list->items),
            $list->short,
            $page,
            $pages,
        );
    }
}
