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
        /** With a fifth to spare. */
        public int $setsToCarry,
        /** Sets of that kind in the bag. */
        public int $setsCarried,
        /** In time order. @var list<EnergyRow> */
        public array $rows,
    ) {}
}
