<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

/**
 * A place in the picture, in frame widths from its middle.
 *
 * @phpstan-all-methods-pure
 */
final readonly class FramePoint
{
    public function __construct(
        /** To the right. */
        public float $x,
        /** Up. */
        public float $y,
    ) {}

    /** In frame widths. */
    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }
}
