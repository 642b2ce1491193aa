<?php

declare(strict_types=1);

namespace Kaddle\Core\Power;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * What feeds a flash unit, one set of it: energy per pop goes with its share of full power.
 *
 * @phpstan-all-methods-pure
 */
final readonly class PowerSource
{
    /** s below which no unit is ready again, whatever the share. */
    private const QUICKEST = 0.15;

    /** Standby and preflashes are not counted, so no set is trusted with more pops than this. */
    private const MOST_POPS = 5000.0;

    /** By how much of itself a wait has grown when a set is at its end: cells sag. */
    private const TIRED = 1.0;

    private function __construct(
        /** s to be ready again after a full pop */
        public float $fullSeconds,
        /** Full pops in a set. */
        public float $fullPops,
    ) {}

    /**
     * @param float $fullSeconds 0.2 to 30 s to be ready after a full pop
     * @param float $fullPops 10 to 2000 full pops in a set
     *
     * @throws OutOfRange
     */
    public static function ofSeconds(float $fullSeconds, float $fullPops): self
    {
        return new self(
            self::secondsRange()->checked('recycle time', $fullSeconds),
            self::popsRange()->checked('pops in a set', $fullPops),
        );
    }

    public static function secondsRange(): Range
    {
        return Range::between(0.2, 30.0, 's', 0.1);
    }

    public static function popsRange(): Range
    {
        return Range::between(10.0, 2000.0, 'full pops', 10.0);
    }

    /** Cells that make a set. */
    public static function cellsRange(): Range
    {
        return Range::between(1.0, 16.0, 'cells', 1.0);
    }

    /**
     * Seconds until ready again: t_full·p with a fresh set, twice that at its end, not below a floor.
     *
     * @param float $share of a full pop, above 0 and up to 1
     * @param float $drained share of the set that is gone, 0 to 1
     */
    public function recycle(float $share, float $drained = 0.0): float
    {
        return max(self::QUICKEST, $this->fullSeconds * $share * (1.0 + self::TIRED * $drained));
    }

    /** Share of a full pop, up to 1, after which a set at its end is ready within a time. @param float $seconds above 0 */
    public function shareWithin(float $seconds): float
    {
        return min(1.0, $seconds / ($this->fullSeconds * (1.0 + self::TIRED)));
    }

    /** Pops in a set: pops_full/p, as far as electronics last. */
    public function pops(float $share): float
    {
        return min(self::MOST_POPS, $this->fullPops / $share);
    }
}
