<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Colour\BlackBody;
use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Quantity\Kelvin;
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
        /** Of the flash on the face, its gel and the paint that it bounced off included; null for a flash that is off. */
        public ?Mired $flash,
        /** Of the room's own light; null where nobody knows. */
        public ?Mired $room,
        /** Of face and background, all their light together; null where nobody knows. */
        public ?Mired $face,
        public ?Mired $behind,
        /** That the body is set to. */
        public Kelvin $balance,
    ) {}

    public static function of(Solution $solution): self
    {
        $moment = $solution->moment;
        $isOff = $solution->best->isOff();
        $paint = $solution->best->light->cast->warmth;
        $leaving = $moment->flash->colour->mired()->plus($moment->flash->outfit->gel->shift ?? Mired::of(0.0));
        $flash = $isOff ? null : $leaving->plus($paint);
        $room = $moment->roomColour?->mired();
        $levels = $solution->levels;

        return new self(
            $solution,
            $flash,
            $room,
            self::mixed($room, $levels->faceRoom, $flash, $levels->faceFlash),
            self::mixed($room, $levels->room, $flash, $levels->spill),
            $moment->balance(),
        );
    }

    /** The same flash through another gel; null where it is off. */
    public function flashThrough(?Gel $gel): ?Mired
    {
        $on = $this->gel()->shift ?? Mired::of(0.0);

        return $this->flash?->minus($on)->plus($gel->shift ?? Mired::of(0.0));
    }

    /** The gel that is on; null for the bare head. */
    public function gel(): ?Gel
    {
        return $this->solution->moment->flash->outfit->gel;
    }

    /** What another gel takes more than the one that is on, stops; below 0 less. */
    public function costOf(?Gel $gel): Stops
    {
        return Stops::of(($gel->loss->value ?? 0.0) - ($this->gel()->loss->value ?? 0.0));
    }

    /** The same in clicks of the unit, above 0 turns up. */
    public function clicksOf(?Gel $gel): int
    {
        return (int) round($this->costOf($gel)->value * 30.0 / $this->solution->moment->flash->step->thirtieths());
    }

    /** How warm a light looks as the body is set, mired; below 0 cool. */
    public function looks(Mired $light, ?Kelvin $balance = null): Mired
    {
        return $light->minus(($balance ?? $this->balance)->mired());
    }

    /** Two lights together: linear light of both, by their levels. */
    private static function mixed(?Mired $room, Stops $byRoom, ?Mired $flash, Stops $byFlash): ?Mired
    {
        if ($flash === null || $room === null) {
            // Where one of both is all that counts, the other need not be known.
            return $flash === null ? $room : ($byFlash->value - $byRoom->value > self::ALONE ? $flash : null);
        }

        return BlackBody::nearest(
            BlackBody::light($room)->times($byRoom->ratio())->plus(BlackBody::light($flash)->times($byFlash->ratio())),
        );
    }
}
