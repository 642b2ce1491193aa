<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

use Kaddle\Core\Quantity\Stops;

/**
 * What a lamp draws in the picture: how long, how bright, which shape.
 *
 * A lamp that stands grows with the time; one that moves by more than its own image keeps its
 * level for good, S + log2(s/ℓ), and only gets longer.
 *
 * @see docs/physics.md, “Trail of a lamp”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Trail
{
    /** Stops over mid-grey at which a channel is full: log2(1/0.18). */
    public const FULL = 2.47;

    /** @param non-empty-list<Stops> $levels in the middle of each step of its way */
    private function __construct(
        public Way $way,
        /** Frame widths of the lamp's image, blur and all. */
        public float $spot,
        /** Level if it all stood in one place, against mid-grey. */
        public Stops $standing,
        /** Frame widths. */
        public float $length,
        public TrailShape $shape,
        public array $levels,
        /** Level in the middle of its way, by length. */
        public Stops $level,
        /** Frame widths from dash to dash where it beats and moves; null where it draws through. */
        public ?float $dashes,
    ) {}

    /**
     * @param float $focus m, focused at
     * @param int $pixels across the frame
     * @param int $mains Hz
     */
    public static function of(BackdropLamp $lamp, Exposing $exposing, float $focus, int $pixels, int $mains): self
    {
        $time = $exposing->time;
        $way = $exposing->way(static fn(float $at): FramePoint => $exposing->imageOf(
            $lamp->across + $lamp->speedAcross * $at,
            $lamp->up + $lamp->speedUp * $at,
            $lamp->away,
            $at,
        ));
        $spot = Spot::of($lamp, $exposing, $focus, $pixels);
        $standing = $time->offsetOf($lamp->level)->plus(Stops::ofRatio($spot->dimming));
        $steps = $way->steps();
        $length = array_sum($steps);
        $levels = array_map(
            static fn(float $dwell): Stops => $standing->plus(Stops::ofRatio($dwell)),
            $way->dwells($spot->width),
        );

        return new self(
            $way,
            $spot->width,
            $standing,
            $length,
            $way->shape($spot->width),
            $levels,
            self::middle($levels, $steps),
            self::dashes($lamp->beat, $length / $time->seconds / $lamp->beat->frequency($mains), $spot->width),
        );
    }

    /** Whether a longer time makes it brighter: it stands. */
    public function growsWithTime(): bool
    {
        return $this->shape === TrailShape::Dot;
    }

    /** Whether its core is white, its colour lost. */
    public function isWhite(): bool
    {
        return $this->level->value > self::FULL;
    }

    /** @param float $pitch frame widths in a beat, as $spot */
    private static function dashes(LampBeat $beat, float $pitch, float $spot): ?float
    {
        return $beat !== LampBeat::Even && $pitch > $spot ? $pitch : null;
    }

    /**
     * @param non-empty-list<Stops> $levels
     * @param non-empty-list<float> $steps
     */
    private static function middle(array $levels, array $steps): Stops
    {
        $half = array_sum($steps) / 2.0;
        foreach ($steps as $i => $step) {
            $half -= $step;
            if ($half <= 0.0 && $step > 0.0) {
                return $levels[$i];
            }
        }

        return $levels[count($levels) - 1];
    }
}
