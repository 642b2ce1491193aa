<?php

declare(strict_types=1);

namespace Kaddle\Core\Wish;

use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Stops;

/**
 * A light for which the picture is exposed, so that it keeps its detail and the rest falls.
 *
 * @see docs/physics.md, “A light that is kept”
 *
 * @phpstan-all-methods-pure
 */
final readonly class KeptLight
{
    /** EV from which a wish begins: a flame with its candle, read by a spot meter from arm's length; 1/500 at f/2.8 and ISO 400. */
    public const USUAL_EV = 10.0;

    private function __construct(
        public KeptThing $thing,
        /** What a spot meter reads on it. */
        public ExposureValue $level,
    ) {}

    public static function of(KeptThing $thing, ExposureValue $level): self
    {
        return new self($thing, $level);
    }

    /** How the room then reads: the thing sits at its headroom, the room as far under it as it glows less. */
    public function roomLevel(ExposureValue $glow): Stops
    {
        return Stops::of($glow->ev - $this->level->ev + $this->thing->headroom());
    }

    /** How the thing itself reads where the room reads so. */
    public function reads(ExposureValue $glow, Stops $room): Stops
    {
        return Stops::of($room->value + $this->level->ev - $glow->ev);
    }
}
