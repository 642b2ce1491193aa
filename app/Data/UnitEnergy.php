<?php

declare(strict_types=1);

namespace App\Data;

/** Batteries of one flash unit over a night. */
final readonly class UnitEnergy
{
    /** @param list<EnergyRow> $rows */
    public function __construct(
        public string $name,
        /** What feeds it; null where the bag does not say, and usual figures stand in. */
        public ?string $battery,
        /** Full pops in a set. */
        public float $fullPops,
        /** s until ready after a full pop. */
        public float $fullSeconds,
        public float $pops,
        /** In full pops. */
        public float $energy,
        /** Sets that the night drains. */
        public float $setsUsed,
        /** Cells or packs in a set. */
        public int $cells,
        /** What to carry for each unit, with a fifth to spare: "16 cells". */
        public string $carry,
        /** What the bag has of that kind; null where it does not say what feeds the unit. */
        public ?string $has,
        public bool $isEnough,
        /** In time order. @var list<EnergyRow> */
        public array $rows,
    ) {}
}
