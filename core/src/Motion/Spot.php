<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

/**
 * The image of a lamp: its own size, blurred by focus, diffraction and pixels.
 *
 * @see docs/physics.md, “Trail of a lamp”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Spot
{
    /** m that diffraction spreads a point over, for each stop of f-number: 2.44·λ at 550 nm. */
    private const DIFFRACTION = 1.34e-6;

    /** Pixels that even a perfect point takes. */
    private const LEAST_PIXELS = 2.0;

    private function __construct(
        /** Frame widths. */
        public float $width,
        /** Share of its level that is left where it is spread over more than its own size, 0 to 1. */
        public float $dimming,
    ) {}

    /**
     * @param float $focus m, focused at
     * @param int $pixels across the frame
     */
    public static function of(BackdropLamp $lamp, Exposing $exposing, float $focus, int $pixels): self
    {
        $number = $exposing->time->settings->aperture->fNumber();
        $frame = $exposing->optics->frameWidth();
        $sharp = $lamp->size * $exposing->scaleAt($lamp->away);
        $floor = hypot(self::LEAST_PIXELS / $pixels, self::DIFFRACTION * $number / $frame);
        $width = hypot(hypot($sharp, self::disc($exposing, $focus, $lamp->away)), $floor);

        return new self($width, ($sharp / $width) ** 2);
    }

    /**
     * Blur of what the lens is not focused at: f²/N·|D − s|/(D·(s − f)).
     *
     * @param float $focus m, and so $away
     *
     * @return float frame widths
     */
    public static function disc(Exposing $exposing, float $focus, float $away): float
    {
        $f = $exposing->optics->metres();
        $pupil = $f / $exposing->time->settings->aperture->fNumber();

        return $pupil * $f * abs($away - $focus) / ($away * max(1e-3, $focus - $f)) / $exposing->optics->frameWidth();
    }
}
