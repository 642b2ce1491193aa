<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Glow\LightReading;
use Kaddle\Core\Glow\ReadingKind;

/** A light reading beside the curve. */
final readonly class ReadingData
{
    private function __construct(
        public string $spot,
        /** ISO 8601 date of the evening that it belongs to. */
        public string $date,
        /** By the clocks of the place: "19:30". */
        public string $at,
        /** EV at ISO 100 */
        public float $ev,
        public ReadingKind $kind,
        /** Stops over the curve that all others make, where it disagrees with them. */
        public ?float $odd,
    ) {}

    public static function of(LightReading $reading, ?float $odd): self
    {
        return new self(
            $reading->spot,
            Evening::dateOf($reading->at),
            $reading->at->format('H:i'),
            round($reading->glow->ev, 2),
            $reading->kind,
            $odd === null ? null : round($odd, 2),
        );
    }
}
