<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Colour\Cast;
use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Colour\LightColour;
use Kaddle\Core\Flash\Outfit;
use Kaddle\Core\Quantity\Mired;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Solve\Solution;

/**
 * Colours of face and background as the camera is set, and with other gels.
 *
 * @see docs/physics.md, “Colour of room and flash”
 */
final readonly class ColourView
{
    /** Stops over the other light from which one decides the colour alone. */
    private const ALONE = 4.0;

    private function __construct(
        private Solution $solution,
        /** Without a gel; null for a flash that is off. */
        private ?LightColour $bare,
        /** Of the flash on the face, its gel and the paint that it bounced off included; null for a flash that is off. */
        public ?LightColour $flash,
        /** Of the room's own light; null where nobody knows. */
        public ?LightColour $room,
        /** Of face and background, all their light together; null where nobody knows. */
        public ?LightColour $face,
        public ?LightColour $behind,
        /** That the body is set to. */
        public LightColour $balance,
    ) {}

    public static function of(Solution $solution): self
    {
        $moment = $solution->moment;
        $best = $solution->best;
        $paint = $best->light->cast;
        $bare = $best->isOff() ? null : LightColour::ofKelvin($moment->flash->colourAt($best->output));
        $flash = $bare === null ? null : self::painted($moment->flash->outfit->shifted($bare), $paint);
        $room = $moment->roomColour === null ? null : LightColour::ofKelvin($moment->roomColour);
        $levels = $solution->levels;

        return new self(
            $solution,
            $bare,
            $flash,
            $room,
            self::mixed($room, $levels->faceRoom, $flash, $levels->faceFlash),
            self::mixed($room, $levels->room, $flash, $levels->spill),
            $moment->balance(),
        );
    }

    /** The same flash through another gel; null where it is off. */
    public function flashThrough(?Gel $gel): ?LightColour
    {
        return $this->bare === null ? null : self::painted($this->bare->plus($gel->shift ?? Mired::of(0.0)), $this->solution->best->light->cast);
    }

    /** What is on the units. */
    public function outfit(): Outfit
    {
        return $this->solution->moment->flash->outfit;
    }

    /** What another gel, on all units, takes more than what is on, stops; below 0 less. */
    public function costOf(?Gel $gel): Stops
    {
        return Stops::of(($gel->loss->value ?? 0.0) - $this->outfit()->loss($this->solution->moment->flash->colour)->value);
    }

    /** The same in clicks of the unit, above 0 turns up. */
    public function clicksOf(?Gel $gel): int
    {
        return (int) round($this->costOf($gel)->value * 30.0 / $this->solution->moment->flash->step->thirtieths());
    }

    /** How a light looks as the body is set: mired and Duv over what looks white there. */
    public function looks(LightColour $light, ?LightColour $balance = null): LightColour
    {
        $white = $balance ?? $this->balance;

        return LightColour::of($light->warmth->minus($white->warmth), $light->duv - $white->duv);
    }

    /** A light that came off paint. */
    private static function painted(LightColour $light, Cast $paint): LightColour
    {
        return LightColour::of($light->warmth->plus($paint->warmth), $light->duv + $paint->tint);
    }

    /** Two lights together: linear light of both, by their levels. */
    private static function mixed(?LightColour $room, Stops $byRoom, ?LightColour $flash, Stops $byFlash): ?LightColour
    {
        if ($flash === null || $room === null) {
            // Where one of both is all that counts, the other need not be known.
            return $flash === null ? $room : ($byFlash->value - $byRoom->value > self::ALONE ? $flash : null);
        }

        return LightColour::ofLight($room->light()->times($byRoom->ratio())->plus($flash->light()->times($byFlash->ratio())));
    }
}
