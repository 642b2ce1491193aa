<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Power\EnergyPlan;
use Kaddle\Core\Power\PowerSource;
use Kaddle\Core\Quantity\OutOfRange;

/**
 * How a unit fires: what sets its output, which curtains it knows, how soon it is ready.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Firing
{
    /** s after a full pop: four fresh cells in a full-size unit. */
    private const USUAL_RECYCLE = 2.5;

    /** Pops in a set, which nobody asks for here. */
    private const ANY_POPS = 200.0;

    private function __construct(
        /** Whether a preflash measures. */
        public bool $isMetered,
        public bool $hasSecondCurtain,
        private PowerSource $source,
    ) {}

    /**
     * @param float|null $recycle s until it is ready after a full pop; null for the usual
     *
     * @throws OutOfRange
     */
    public static function of(bool $isMetered, bool $hasSecondCurtain, ?float $recycle = null): self
    {
        return new self($isMetered, $hasSecondCurtain, PowerSource::ofSeconds($recycle ?? self::USUAL_RECYCLE, self::ANY_POPS));
    }

    /** A unit set by hand that knows both curtains. */
    public static function usual(): self
    {
        return self::of(false, true);
    }

    /**
     * Stops under full power, 0 or less, up to which it stays cool and is ready for the next frame.
     *
     * @param float $minutes that it is used, above 0
     * @param float $framesPerMinute 0 or more
     */
    public function bears(float $minutes, float $framesPerMinute): float
    {
        return log(EnergyPlan::bears($minutes, $framesPerMinute, $this->source), 2);
    }

    /** s until it is ready again, with a fresh set. */
    public function recycle(Output $output): float
    {
        return $output->share() > 0.0 ? $this->source->recycle($output->share()) : 0.0;
    }
}
