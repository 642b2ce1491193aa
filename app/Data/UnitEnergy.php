<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Gear\Feed;
use Kaddle\Core\Power\EnergyPlan;
use Kaddle\Core\Power\EnergyStep;

/** Batteries of one flash unit over a night. */
final readonly class UnitEnergy
{
    /** @param list<EnergyRow> $rows */
    private function __construct(
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

    public static function of(string $name, Feed $feed, EnergyPlan $plan, int $carried): self
    {
        return new self(
            $name,
            $feed->battery?->inWords(),
            $feed->source->fullPops,
            $feed->source->fullSeconds,
            $plan->pops,
            round($plan->energy, 1),
            round($plan->setsUsed, 2),
            $plan->setsToCarry,
            $carried,
            array_map(static fn(EnergyStep $s): EnergyRow => EnergyRow::of($s), $plan->steps),
        );
    }
}
