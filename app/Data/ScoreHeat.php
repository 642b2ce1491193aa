<?php

declare(strict_types=1);

namespace App\Data;

/** What a moment asks of its flash unit. */
final readonly class ScoreHeat
{
    public function __construct(
        public string $unit,
        public string $moment,
        /** Minutes since six in the morning. */
        public int $from,
        /** Minutes since six in the morning. */
        public int $until,
        /** Against what the head bears, 1 is the limit. */
        public float $heat,
        /** Times that a set of batteries runs out in it. */
        public int $changes,
        /** Whether frames come faster than the unit is ready. */
        public bool $waits,
    ) {}
}
