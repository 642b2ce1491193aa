<?php

declare(strict_types=1);

namespace App\Pages;

use App\Data\EnergyData;
use App\Data\EnergyRow;
use App\Data\UnitEnergy;
use App\Planning\NightEnergy;
use Kaddle\Core\Gear\BatteryKind;
use Kaddle\Core\Gear\Feed;
use Kaddle\Core\Night\Slot;
use Kaddle\Core\Power\EnergyPlan;
use Kaddle\Core\Power\EnergyStep;

/** Batteries over a night, by flash unit. */
final class EnergyPage
{
    private function __construct() {}

    public static function of(NightEnergy $energy): EnergyData
    {
        $units = [];
        foreach ($energy->plans as [$flash, $feed, $plan, $slots]) {
            $units[] = self::unit($flash->name(), $feed, $plan, $slots, $energy->cellsOf($feed->battery));
        }

        return new EnergyData($units);
    }

    /**
     * @param list<Slot> $slots of the steps
     * @param int $carried cells of the kind that feeds it
     */
    private static function unit(string $name, Feed $feed, EnergyPlan $plan, array $slots, int $carried): UnitEnergy
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
            array_map(self::row(...), $plan->steps, $slots),
        );
    }

    private static function row(EnergyStep $step, Slot $slot): EnergyRow
    {
        return new EnergyRow(
            $step->name,
            $slot->from,
            $slot->until(),
            $step->pops,
            round($step->energy, 1),
            round($step->recycle, 2),
            round($step->tiredRecycle, 2),
            is_finite($step->pause) ? round($step->pause, 1) : null,
            round($step->heat, 2),
            $step->changes,
            round($step->drained, 3),
            $step->waits(),
            $step->overheats(),
        );
    }
}
