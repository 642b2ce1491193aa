<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;
use App\Models\Night;
use App\Planning\NightKit;
use Illuminate\Support\Collection;
use Kaddle\Core\Kit\ShoppingItem;
use Kaddle\Core\Kit\ShoppingList;

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
        /** For the whole night, the most useful first. @var list<PurchaseData> */
        public array $purchases,
        /** Moments that cannot be had with the bag. */
        public int $short,
        /** Moments that are not reckoned yet. */
        public int $pending,
    ) {}

    /** @param Collection<int, Moment> $moments */
    public static function of(Night $night, Collection $moments, NightKit $kit): self
    {
        $rows = [];
        $reckoned = [];
        foreach ($moments as $moment) {
            $result = $kit->for($moment);
            $rows[] = KitRow::of($moment, $result);
            if ($result !== null) {
                $reckoned[] = ["{$moment->clock()} {$moment->name}", $result->margin(), $result->purchases];
            }
        }
        $list = ShoppingList::of($reckoned);

        return new self(
            NightData::of($night),
            $kit->ways,
            $rows,
            array_map(static fn(ShoppingItem $i): PurchaseData => PurchaseData::of($i), $list->items),
            $list->short,
            $kit->pending,
        );
    }
}
