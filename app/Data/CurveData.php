<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Glow\GlowPoint;

/** What the curve of a room says for one time. */
final readonly class CurveData
{
    private function __construct(
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

    public static function of(GlowPoint $point, \DateTimeZone $zone): self
    {
        return new self(
            $point->at->setTimezone($zone)->format('H:i'),
            round($point->glow->ev, 2),
            round($point->doubt, 2),
            round($point->kelvin, -1),
            round($point->daylight, 3),
        );
    }
}
