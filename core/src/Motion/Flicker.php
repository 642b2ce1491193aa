<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

use Kaddle\Core\Quantity\Stops;

/**
 * What is left of the beat of lamps in an exposure: between frames, and from row to row.
 *
 * Light 1 + m·cos(2πft) gives a row that is open for t the mean ± A, A = m·|sin(πft)/(πft)|.
 *
 * @see docs/physics.md, “Beat of lamps”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Flicker
{
    private function __construct(
        /** A: by how much a row's light may differ from the mean, as a ratio. */
        public float $left,
        /** Bands from the first row to the last. */
        public float $bands,
        /** From the brightest row to the darkest. */
        public Stops $across,
        /** From the brightest frame to the darkest. */
        public Stops $between,
    ) {}

    /**
     * @param float $depth m, 0 to 1
     * @param float $frequency Hz of the beat
     * @param float $seconds that a row is open
     * @param float $travel s from the first row to the last
     * @param float $share of the light that beats: the room's share, where a pop is steady; 0 to 1
     */
    public static function of(float $depth, float $frequency, float $seconds, float $travel, float $share = 1.0): self
    {
        $x = M_PI * $frequency * $seconds;
        $left = min(0.99, $share * $depth * abs(sin($x) / $x));
        $bands = $frequency * $travel;
        // Less than a beat over the frame is a slope, at its worst about the mean.
        $swing = $bands >= 1.0 ? $left : $left * sin(M_PI * min(0.5, $bands));

        return new self($left, $bands, self::peakToPeak($swing), self::peakToPeak($left));
    }

    private static function peakToPeak(float $swing): Stops
    {
        return Stops::ofRatio((1.0 + $swing) / (1.0 - $swing));
    }
}
