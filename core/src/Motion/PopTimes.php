<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

use Kaddle\Core\Exposure\Shutter;

/**
 * What happens when between the finger and the closing of the shutter, for one curtain; s.
 *
 * Row y of the picture (0 the first to open, 1 the last) is open from y·T to y·T + t. The first
 * curtain pops at T, the second a millisecond before it sets off.
 *
 * @see docs/physics.md, “Curtains”
 *
 * @phpstan-all-methods-pure
 */
final readonly class PopTimes
{
    /** s from the finger to the shutter, as bodies are; half as much and half as much more are found. */
    public const LAG = 0.08;

    /** s that a metering preflash takes. */
    public const PREFLASH = 0.1;

    /** s before the second curtain sets off. */
    private const EARLY = 0.001;

    /** Travel of the curtains against sync speed: the rest is what the pop needs. */
    private const TRAVEL = 0.7;

    private function __construct(
        public Curtain $curtain,
        /** s that the curtains take over the frame. */
        public float $travel,
        /** s from the finger to the preflash; null where there is none. */
        public ?float $preflash,
        /** s from the finger to the opening. */
        public float $opens,
        /** s from the finger to the pop. */
        public float $pops,
        /** s from the finger to the closing. */
        public float $closes,
    ) {}

    /**
     * @param float $seconds that the shutter is open
     * @param bool $isMetered whether a preflash measures
     */
    public static function of(Curtain $curtain, float $seconds, Shutter $sync, bool $isMetered): self
    {
        $travel = self::TRAVEL * $sync->seconds();
        $opens = self::LAG + ($isMetered ? self::PREFLASH : 0.0);

        return new self(
            $curtain,
            $travel,
            $isMetered ? self::LAG : null,
            $opens,
            $opens + ($curtain === Curtain::First ? $travel : max($travel, $seconds - self::EARLY)),
            $opens + $seconds,
        );
    }

    /**
     * s of room light that a row gets before the pop.
     *
     * @param float $row 0 the first to open, 1 the last
     */
    public function before(float $row = 0.5): float
    {
        return max(0.0, min($this->closes - $this->opens, $this->pops - $this->opens - $row * $this->travel));
    }

    /**
     * s of room light that a row gets after the pop.
     *
     * @param float $row 0 the first to open, 1 the last
     */
    public function after(float $row = 0.5): float
    {
        return $this->closes - $this->opens - $this->before($row);
    }

    /** Share of the exposure that is over when the pop comes, in the middle row, 0 to 1. */
    public function share(): float
    {
        return $this->before() / ($this->closes - $this->opens);
    }
}
