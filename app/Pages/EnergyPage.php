<?php

declare(strict_types=1);

namespace App\Pages;

use App\Data\EnergyData;
use App\Data\EnergyRow;
use App\Data\UnitEnergy;
use App\Models\Night;
use App\Planning\NightEnergy;
use Kaddle\Core\Gear\BatteryKind;
use Kaddle\Core\Gear\Feed;
use Kaddle\Core\Power\EnergyPlan;
use Kaddle\Core\Power\EnergyStep;

/** Batteries over a night, by flash unit. */
final class EnergyPage
{
    private function __construct() {}

    /** @param int $pending moments whose output is not reckoned yet; they count at full power */
    public static function of(Night $night, NightEnergy $energy, int $pending): EnergyData
    {
        $units = [];
        foreach ($energy->plans as [$flash, $feed, $plan]) {
            $units[] = self::unit($flash->name(), $feed, $plan, $energy->cellsOf($feed->battery));
        }

        return new EnergyData(Listings::night($night), $units, $pending);
    }

    /** @param int $carried cells of the kind that feeds it */
    private static function unit(string $name, Feed $feed, EnergyPlan $plan, int $carried): UnitEnergy
    {
        $battery = $feed->battery ?? BatteryKind::Nimh;
        $carry = $plan->setsToCarry * $feed->cells;

        return new UnitEnergy(
            $name,
            $feed->battery?->inWords(),
            $feed->source->fullPops,
            $feed->source->fullSeconds,
            $plan->pops,
            round($plan->energy, 1),
            round($plan->setsUsed, 2),
            $feed->cells,
            $battery->counted($carry),
            $feed->battery?->counted($carried),
            $carried >= $carry,
            array_map(self::row(...), $plan->steps),
        );
    }

    private static function row(EnergyStep $step): EnergyRow
    {
        return new EnergyRow(
            $step->name,
            $step->pops,
            round($step->energy, 1),
            round($step->recycle, 2),
            round($step->tiredRecycle, 2),
            is_finite($step->pause) ? round($step->pause, 1) : null,
            round($step->heat, 2),
            $step->changes,
            $step->waits(),
            $step->overheats(),
        );
    }
}
