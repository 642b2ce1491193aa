<?php

declare(strict_types=1);

namespace App\Data;

/** Where the controls stand in a bar, in stops on their own scales. */
final readonly class ScorePlaces
{
    public function __construct(
        /** Minutes since six in the morning. */
        public int $from,
        /** Minutes since six in the morning. */
        public int $until,
        /** Tv; above 0 is faster than a second. */
        public float $shutter,
        /** Av */
        public float $aperture,
        /** Stops over ISO 100. */
        public float $iso,
        /** Stops against full power; null for off. */
        public ?float $output,
        /** As cameras label them, by which they are held. */
        public string $shutterLabel,
        public string $apertureLabel,
        public string $isoLabel,
    ) {}
}
