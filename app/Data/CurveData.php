<?php

declare(strict_types=1);

namespace App\Data;

/** What the curve of a room says for one time. */
final readonly class CurveData
{
    public function __construct(
        /** By the clocks of the place: "19:30". */
        public string $at,
        /** EV at ISO 100 */
        public float $ev,
        /** Stops either way. */
        public float $doubt,
        /** K, of all light together. */
        public float $kelvin,
        /** Share of daylight, 0 to 1. */
        public float $daylight,
    ) {}
}
