<?php

declare(strict_types=1);

namespace App\Data;

/** Where a head that is turned by hand stands. */
final readonly class PointingDraft
{
    public function __construct(
        /** Degrees from the way the camera looks, positive to the left. */
        public float $turn,
        /** Degrees up from level. */
        public float $tilt,
    ) {}
}
