<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Night;
use App\Planning\NightEnergy;

/** Batteries over a night, by flash unit. */
final readonly class EnergyData
{
    /** @param list<UnitEnergy> $units */
    private function __construct(
        public NightData $night,
        /** @var list<UnitEnergy> */
        public array $units,
        /** Moments whose output is not reckoned yet; they count at full power. */
        public int $pending,
    ) {}

    public static function of(Night $night, NightEnergy $energy, int $pending): self
    {
        $units = [];
        foreach ($energy->plans as [$flash, $feed, $plan]) {
            $units[] = UnitEnergy::of($flash->name(), $feed, $plan, $energy->setsOf($feed->battery));
        }

        return new self(NightData::of($night), $units, $pending);
    }
}
