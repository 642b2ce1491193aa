<?php

declare(strict_types=1);

namespace App\Data;

/** Batteries over a night, by flash unit. */
final readonly class EnergyData
{
    /** @param list<UnitEnergy> $units */
    public function __construct(
        /** @var list<UnitEnergy> */
        public array $units,
    ) {}
}
