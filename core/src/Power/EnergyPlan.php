<?php

declare(strict_types=1);

namespace Kaddle\Core\Power;

/**
 * Start here for batteries: pops and energy over a night, waits, heat, when to change sets.
 *
 * @see docs/physics.md, “Energy”
 *
 * @phpstan-all-methods-pure
 */
final readonly class EnergyPlan
{
    /** min over which a head is taken to collect heat. */
    public const WARM = 10.0;

    /** Full pops within that time from which units throttle or are damaged; a cautious figure for small units. */
    public const HOT = 30.0;

    /** @param list<EnergyStep> $steps */
    private function __construct(
        public array $steps,
        public float $pops,
        /** In full pops. */
        public float $energy,
        /** Sets that the night drains, part of the last included. */
        public float $setsUsed,
        /** Sets to carry: a fifth more than is used, rounded up. */
        public int $setsToCarry,
    ) {}

    /** Pops of so large a share within ten minutes from which a head is hot. */
    public static function hotAfter(float $share): float
    {
        return self::HOT / $share;
    }

    /**
     * Share of full power, up to 1, at which a head gets as hot as it bears at the most, and is ready for the next frame.
     *
     * @param float $minutes that it is used, above 0
     * @param float $framesPerMinute 0 or more
     */
    public static function bears(float $minutes, float $framesPerMinute, PowerSource $source): float
    {
        return $framesPerMinute === 0.0 ? 1.0 : min(
            1.0,
            self::HOT / ($framesPerMinute * min(self::WARM, $minutes)),
            $source->shareWithin(60.0 / $framesPerMinute),
        );
    }

    /** @param list<PlannedUse> $uses in time order */
    public static function of(array $uses, PowerSource $source): self
    {
        $steps = [];
        $spent = 0.0;
        $pops = 0.0;
        foreach ($uses as $use) {
            $before = (int) floor($spent);
            $spent += $use->pops() / $source->pops($use->share);
            $pops += $use->pops();
            $changes = (int) floor($spent) - $before;
            $steps[] = new EnergyStep(
                $use->name,
                $use->pops(),
                $use->energy(),
                $source->recycle($use->share),
                $source->recycle($use->share, $changes > 0 ? 1.0 : $spent - floor($spent)),
                $use->framesPerMinute > 0.0 ? 60.0 / $use->framesPerMinute : INF,
                $use->framesPerMinute * min(self::WARM, $use->minutes) * $use->share / self::HOT,
                $changes,
                $spent,
            );
        }

        return new self(
            $steps,
            $pops,
            array_sum(array_map(static fn(PlannedUse $u): float => $u->energy(), $uses)),
            $spent,
            (int) ceil(1.2 * $spent),
        );
    }
}
