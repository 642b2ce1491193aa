<?php

declare(strict_types=1);

namespace Kaddle\Core\Power;

/**
 * What one moment takes out of the batteries.
 *
 * @phpstan-all-methods-pure
 */
final readonly class EnergyStep
{
    /** @internal made by EnergyPlan only */
    public function __construct(
        public string $name,
        public float $pops,
        /** In full pops. */
        public float $energy,
        /** s until ready again with a fresh set. */
        public float $recycle,
        /** The same with the set as it is by the end of the moment, or at the end of a set that runs out in it. */
        public float $tiredRecycle,
        /** s between frames as planned; endless for none. */
        public float $pause,
        /** Heat against what a head bears, 1 is the limit. */
        public float $heat,
        /** Times that a set runs out in it. */
        public int $changes,
        /** Sets that the night has drained by its end, part of the last included. */
        public float $drained,
    ) {}

    /** Whether frames come faster than the unit is ready. */
    public function waits(): bool
    {
        return $this->tiredRecycle > $this->pause;
    }

    public function overheats(): bool
    {
        return $this->heat > 1.0;
    }
}
