<?php

declare(strict_types=1);

namespace App\Data;

/** What one moment takes out of the batteries. */
final readonly class EnergyRow
{
    public function __construct(
        public string $name,
        /** Minutes since six in the morning. */
        public int $from,
        /** Minutes since six in the morning. */
        public int $until,
        public float $pops,
        /** In full pops. */
        public float $energy,
        /** s until ready again at the planned output, with a fresh set. */
        public float $recycle,
        /** The same where the set is lowest in this moment. */
        public float $tiredRecycle,
        /** s between frames as planned; null where none are. */
        public ?float $pause,
        /** Heat against what a head bears, 1 is the limit. */
        public float $heat,
        /** Times that a set runs out in it. */
        public int $changes,
        /** Sets that the night has drained by its end, part of the last included. */
        public float $drained,
        /** Whether frames come faster than the unit is ready. */
        public bool $waits,
        public bool $overheats,
    ) {}
}
