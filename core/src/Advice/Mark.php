<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Quantity\Length;

/**
 * Where on a control's scale something is fine.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Mark
{
    /**
     * @internal made by Marks only
     *
     * @param list<int> $at
     */
    public function __construct(
        public MarkKind $kind,
        /** Thirtieths of a stop on the control's own scale from which on it is fine; null for no such end. */
        public ?int $from,
        /** Up to where. */
        public ?int $to,
        /** Single steps at which it is fine, where it is no range. */
        public array $at = [],
        /** Whether the scale has a place at which it is fine. */
        public bool $isReached = true,
        /** How far people smear there, share of the frame's width; for movement only. */
        public float $smear = 0.0,
        /** Where to focus; for the depth of a group only. */
        public ?Length $focus = null,
        /** What the pop holds; for movement only. */
        public ?PopHold $pop = null,
        /** Share of the light on the people that is the room's; for hands and movement only. */
        public float $roomShare = 1.0,
    ) {}
}
