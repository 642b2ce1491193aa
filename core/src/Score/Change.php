<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

/**
 * One control that is turned, or one thing that is changed, on the way into a bar; and what it would
 * cost to leave it, all others changed as they are.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Change
{
    /** @internal made by Score only */
    public function __construct(
        public Control $control,
        /** Above 0 is faster, narrower, higher, more; 0 for what has no clicks. */
        public int $clicks,
        public float $turns,
        /** Stops by which the room would then miss its wish farther; null where that does not follow from it. */
        public ?float $room,
        /** Stops by which the face would; endless where no light would reach it. */
        public ?float $face,
        /** Stops by which the shutter would be slower than hands hold; 0 or more. */
        public float $shake,
        /** Stops by which it would go beyond what the body, the lens or the unit gives here; 0 or more. */
        public float $beyond,
    ) {}
}
