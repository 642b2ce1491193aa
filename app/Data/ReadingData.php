<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Glow\ReadingKind;
use Kaddle\Core\Glow\ReadingOf;

/** A light reading beside the curve. */
final readonly class ReadingData
{
    public function __construct(
        public string $spot,
        /** ISO 8601 date of the evening that it belongs to. */
        public string $date,
        /** By the clocks of the place: "19:30". */
        public string $at,
        /** EV at ISO 100 */
        public float $ev,
        public ReadingKind $kind,
        public ReadingOf $of,
        /** Stops over the curve that all others make, where it disagrees with them. */
        public ?float $odd,
    ) {}
}
