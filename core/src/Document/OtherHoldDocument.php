<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Advice\OtherHold;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Wish\Hold;
use Kaddle\Core\Words\HoldWords;

/** The other of two lights of the room, if that were held. */
final readonly class OtherHoldDocument
{
    private function __construct(
        public Hold $hold,
        /** What it would give, and take. */
        public string $sentence,
    ) {}

    public static function of(Solution $solution): ?self
    {
        $other = OtherHold::to($solution);

        return $other === null ? null : new self($other->moment->look->hold, HoldWords::other($other, $solution));
    }
}
