<?php

declare(strict_types=1);

namespace Kaddle\Core\Night;

use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Power\PlannedUse;

/** A moment's place in the evening. */
final readonly class Slot
{
    private function __construct(
        /** Minutes since six in the morning. */
        public int $from,
        public int $minutes,
    ) {}

    /**
     * @param string $clock "19:30"
     * @param int $minutes how long, 1 to 720
     */
    public static function at(string $clock, int $minutes): self
    {
        return new self(
            Evening::minutes($clock),
            (int) PlannedUse::minutesRange()->checked('length of the moment', $minutes),
        );
    }

    /** Minutes since six in the morning. */
    public function until(): int
    {
        return $this->from + $this->minutes;
    }

    /** By the clock: "20:20". */
    public function ends(): string
    {
        return Evening::clock($this->until());
    }

    /** Minutes from the end of another to the start of this; below 0 they overlap. */
    public function after(self $other): int
    {
        return $this->from - $other->until();
    }

    /** Whether any of it lies between two times of the evening. */
    public function touches(string $from, string $to): bool
    {
        return $this->from < Evening::minutes($to) && $this->until() > Evening::minutes($from);
    }
}
