<?php

declare(strict_types=1);

namespace Kaddle\Core\People;

/**
 * What stands behind the people and tells the story.
 *
 * @phpstan-all-methods-pure
 */
enum Behind: string
{
    case Guests = 'guests';
    case Band = 'band';
    case Window = 'window';
    case Decor = 'decor';
    case Wall = 'wall';
    case DarkHall = 'dark-hall';

    public function inWords(): string
    {
        return match ($this) {
            self::Guests => 'guests',
            self::Band => 'band or stage',
            self::Window => 'window',
            self::Decor => 'flowers and candles',
            self::Wall => 'plain wall',
            self::DarkHall => 'dark hall',
        };
    }

    /** What it sends back over mid-grey. */
    public function tone(): float
    {
        return $this->reflectance() / People::MID_GREY;
    }

    /** Share of light that it sends back, as a class of things; a plain wall has its own finish. */
    public function reflectance(): float
    {
        return match ($this) {
            self::Guests, self::Decor, self::Wall => 0.20,
            self::Band => 0.12,
            self::Window => 0.08,
            self::DarkHall => 0.05,
        };
    }

    /** m that it usually stands behind the people; endless for the far wall. */
    public function distance(): float
    {
        return match ($this) {
            self::Guests => 2.0,
            self::Decor => 1.0,
            self::Band => 4.0,
            self::Window, self::Wall, self::DarkHall => INF,
        };
    }

    /** Share of what is not people that shines by itself, as a class of things, 0 to 1. */
    public function shiningShare(): float
    {
        return match ($this) {
            self::Window => 0.25,
            self::Band => 0.08,
            self::Decor => 0.03,
            self::Guests, self::Wall, self::DarkHall => 0.0,
        };
    }

    /** Stops over the room at which that shines; a window shines by the light outside, not by the room's. */
    public function shiningOverRoom(): float
    {
        return match ($this) {
            self::Decor => 3.0,
            self::Band => 2.0,
            self::Window, self::Guests, self::Wall, self::DarkHall => 0.0,
        };
    }
}
