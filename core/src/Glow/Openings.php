<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * Where daylight comes into a room: windows, and whatever of it lies under the open sky.
 *
 * @see docs/physics.md, “Windows and the sun”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Openings
{
    /** Share of the open sky from which a room counts as out of doors. */
    private const OUT_OF_DOORS = 0.5;

    /** @param list<Window> $windows */
    private function __construct(
        private array $windows,
        /** Share of the level light outdoors that comes straight from the sky, 0 to 1. */
        private float $sky,
    ) {}

    /**
     * @param list<Window> $windows
     * @param float $sky share of the sky that the middle of the room sees, 0 to 1
     *
     * @throws OutOfRange
     */
    public static function of(array $windows, float $sky): self
    {
        return new self($windows, Range::between(0.0, 1.0, '', 0.01)->checked('share of the sky', $sky));
    }

    public function isOutdoors(): bool
    {
        return $this->sky > self::OUT_OF_DOORS;
    }

    /** Of the level light outdoors, what all of them together let in. */
    public function shareUnder(SunPosition $sun): float
    {
        $windows = array_sum(array_map(static fn(Window $w): float => $w->shareUnder($sun), $this->windows));

        // Whoever has told the open sky as a window has told it once.
        return $this->isOutdoors() ? max($this->sky, $windows) : $this->sky + $windows;
    }
}
