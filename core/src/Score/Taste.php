<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Wish\School;

/**
 * What it is worth to stay near the settings that a moment would have for itself: by its school, and
 * by what the night is to be good at.
 *
 * Judgement, not physics.
 *
 * @see docs/physics.md, “The night as a whole”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Taste
{
    /** Thirtieths of a stop by which the aperture may leave the one that is liked. */
    private const FARTHEST = 30;

    /** Thirtieths of a stop by which a school that holds the time may leave it. */
    private const HOLDS_TIME = 20;

    /** The same for a long time: half or twice it is the same picture still. */
    private const LONG_TIME = 30;

    /** Thirtieths of a stop by which the ISO may rise over that of the bar's own best answer. */
    private const GRAINIER = 40;

    /** Stops over the lowest ISO in which the trouble of a stop of it doubles. */
    private const GRAINY = 3.0;

    private function __construct(
        /** Thirtieths of a stop. */
        private int $liked,
        private int $lowestIso,
        private int $ownShutter,
        private int $highestIso,
        /** Thirtieths of a stop either way. */
        private int $apertureAway,
        private int $shutterAway,
        /** Trouble of a stop of each. */
        private float $depth,
        private float $noise,
        private float $time,
    ) {}

    public static function of(Solution $alone, Favour $favour): self
    {
        $look = $alone->moment->look;
        $own = $alone->best->choice->settings;
        $liked = $look->workingAperture->av->thirtieths;
        $away = max(self::FARTHEST, abs($own->aperture->av->thirtieths - $liked));
        [$depth, $noise, $time, $shutterAway] = match ($look->school) {
            School::ShutterFirst => [0.5, $favour->noise(), 0.0, PHP_INT_MAX],
            School::IsoFloats => [2.0, 0.3 * $favour->noise(), 1.0, self::HOLDS_TIME],
            School::LongTime => [0.4, 0.3 + $favour->noise(), 0.3, self::LONG_TIME],
            School::FreeHand => [0.5, $favour->noise(), 0.5, PHP_INT_MAX],
        };

        return new self(
            $liked,
            $alone->moment->body->baseIso->sv->thirtieths,
            $own->shutter->tv->thirtieths,
            $own->iso->sv->thirtieths + self::GRAINIER,
            $away,
            $shutterAway,
            $depth,
            $noise,
            $time,
        );
    }

    /** Whether settings come into question, in thirtieths of a stop. */
    public function bears(int $tv, int $av, int $sv): bool
    {
        return $sv <= $this->highestIso && abs($av - $this->liked) <= $this->apertureAway && abs($tv - $this->ownShutter) <= $this->shutterAway;
    }

    /** Trouble of settings, stops. Places in thirtieths of a stop. */
    public function troubleOf(int $tv, int $av, int $sv): float
    {
        $stops = max(0, $sv - $this->lowestIso) / 30.0;

        return ($this->depth * abs($av - $this->liked) + $this->time * abs($tv - $this->ownShutter)) / 30.0
            + $this->noise * $stops * (1.0 + 0.5 * $stops / self::GRAINY);
    }
}
