<?php

declare(strict_types=1);

namespace App\Pages;

use App\Data\KitData;
use App\Data\KitRow;
use App\Data\KitStanding;
use App\Data\PurchaseData;
use App\Models\Moment;
use App\Models\Night;
use App\Planning\NightKit;
use Illuminate\Support\Collection;
use Kaddle\Core\Kit\ShoppingItem;
use Kaddle\Core\Kit\ShoppingList;
use Kaddle\Core\Score\Score;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Words\KitWords;
use Kaddle\Core\Words\Voice;

/** The kit check of a night: moments by ways of lighting, and what would buy most. */
final class KitPage
{
    private function __construct() {}

    /**
     * What is left in the score, by moments; of one in several stretches in the one with least.
     *
     * @param Collection<int, Moment> $moments
     *
     * @return list<KitStanding>
     */
    public static function standings(Collection $moments, Score $score): array
    {
        $least = $short = [];
        foreach ($score->bars as $bar) {
            $uid = $bar->bar->moment;
            $short[$uid] = ($short[$uid] ?? false) || !$bar->solution->isFeasible();
            $left = static fn(ScoredBar $b): float => min($b->isoLeft(), $b->outputLeft() ?? INF);
            if (!isset($least[$uid]) || $left($bar) < $left($least[$uid])) {
                $least[$uid] = $bar;
            }
        }
        $standings = [];
        foreach ($moments as $moment) {
            if (isset($least[$moment->uid])) {
                $bar = $least[$moment->uid];
                $standings[] = new KitStanding($moment->id, KitWords::standing($bar), KitWords::left($bar), $short[$moment->uid]);
            }
        }

        return $standings;
    }

    /** @param Collection<int, Moment> $moments */
    public static function of(Night $night, Collection $moments, NightKit $kit, Voice $voice): KitData
    {
        $rows = [];
        $reckoned = [];
        foreach ($moments as $moment) {
            $result = $kit->for($moment);
            $rows[] = new KitRow(
                $moment->id,
                $moment->name,
                $moment->clock(),
                $result->cells ?? [],
                $result->best ?? 0,
            );
            if ($result !== null) {
                $reckoned[] = [
                    "{$voice->time($moment->clock())} {$moment->name}",
                    $result->margin(),
                    $result->purchases,
                ];
            }
        }
        $list = ShoppingList::of($reckoned);

        return new KitData(
            Listings::night($night),
            array_values(array_unique(array_merge(
                [],
                ...array_map(static fn(KitRow $row): array => array_column($row->cells, 'way'), $rows),
            ))),
            $rows,
            array_map(
                static fn(ShoppingItem $i): PurchaseData => new PurchaseData(
                    KitWords::purchase($i->purchase, $voice),
                    round($i->most, 1),
                    $i->moment,
                    $i->helped,
                    $i->rescued,
                ),
                $list->items,
            ),
            $list->short,
            $kit->pending,
        );
    }
}
