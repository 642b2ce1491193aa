<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * What helps where a room is brighter than sync speed allows: a neutral density filter, or a
 * flash that pulses through a faster shutter. Each takes light away.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Aids
{
    /** Stops that pulsing costs already at sync speed; one more for each stop of shutter. */
    private const PULSING = 2.0;

    private function __construct(
        /** Stops of neutral density before the lens, 0 to 10: from room and flash alike. */
        public float $density,
        /** Sync speed of a body whose flash may pulse; null where it does not. */
        private ?Shutter $pulsingFrom,
    ) {}

    public static function none(): self
    {
        return new self(0.0, null);
    }

    /**
     * @param float $density stops
     * @param Shutter|null $pulsingFrom sync speed of the body, where high-speed sync is on
     *
     * @throws OutOfRange
     */
    public static function ofStops(float $density, ?Shutter $pulsingFrom): self
    {
        return new self(self::densityRange()->checked('neutral density', $density), $pulsingFrom);
    }

    public static function densityRange(): Range
    {
        return Range::between(0.0, 10.0, 'stops', 1.0);
    }

    public function pulses(): bool
    {
        return $this->pulsingFrom !== null;
    }

    /** Whether the flash pulses at this shutter: then the shutter moves it as well. */
    public function pulsesAt(Shutter $shutter): bool
    {
        return $this->pulsingFrom !== null && $shutter->tv->thirtieths > $this->pulsingFrom->tv->thirtieths;
    }

    /** Stops of flash that get lost at this shutter, the filter included. */
    public function flashLoss(Shutter $shutter): float
    {
        return $this->density + ($this->pulsingFrom !== null && $this->pulsesAt($shutter)
            ? self::PULSING + $shutter->tv->value() - $this->pulsingFrom->tv->value()
            : 0.0);
    }
}
