<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Stops;

/**
 * How long the shutter is really open: as it is set, or by hand beyond its last click.
 *
 * @see docs/physics.md, “Exposure”
 *
 * @phpstan-all-methods-pure
 */
final readonly class OpenTime
{
    private function __construct(
        public ExposureSettings $settings,
        public float $seconds,
        /** Whether a hand holds it open. */
        public bool $isByHand,
    ) {}

    /**
     * @param float|null $seconds over 0 to an hour; null as it is set
     *
     * @throws OutOfRange
     */
    public static function of(ExposureSettings $settings, ?float $seconds = null): self
    {
        return new self(
            $settings,
            $seconds === null ? $settings->shutter->seconds() : self::range()->checked('time by hand', $seconds),
            $seconds !== null,
        );
    }

    public static function range(): Range
    {
        return Range::between(0.001, 3600.0, 's', 0.5);
    }

    /** How something of a level reads, by itself, against metered: a still thing gets a stop for each doubling of the time. */
    public function offsetOf(ExposureValue $level): Stops
    {
        return $this->settings->offsetOf($level)->plus(Stops::ofRatio($this->seconds / $this->settings->shutter->seconds()));
    }

    /** "1/4 s", "90 s by hand" */
    public function label(): string
    {
        return $this->isByHand
            ? Number::plain($this->seconds, 4) . ' s by hand'
            : $this->settings->shutter->inWords();
    }
}
