<?php

declare(strict_types=1);

namespace Kaddle\Core\Wish;

/**
 * Which control makes the room: schools that photographers follow, and what each holds still.
 *
 * @see docs/physics.md, “Schools”
 *
 * @phpstan-all-methods-pure
 */
enum School: string
{
    /** As slow as hands hold, faster only to spare the flash; aperture kept, ISO makes up the rest. */
    case ShutterFirst = 'shutter-first';
    /** Aperture and time stay from room to room, ISO follows the light. */
    case IsoFloats = 'iso-floats';
    /** Clean files: lowest ISO, the aperture kept, the shutter as long as the room asks; lights may smear, the pop holds the people. */
    case LongTime = 'long-time';
    /** Nothing follows: what is held is set, and the room reads as it comes. */
    case FreeHand = 'free-hand';

    public function inWords(): string
    {
        return match ($this) {
            self::ShutterFirst => 'Shutter first',
            self::IsoFloats => 'ISO floats',
            self::LongTime => 'Low ISO, long time',
            self::FreeHand => 'Free hand',
        };
    }

    public function inASentence(): string
    {
        return match ($this) {
            self::ShutterFirst => 'As slow as hands hold, faster only to spare the flash; ISO makes up the rest.',
            self::IsoFloats => 'Time and aperture stay from room to room, only ISO follows the light.',
            self::LongTime => 'Lowest ISO, the shutter as long as the room asks: it smears where people move, the pop holds them.',
            self::FreeHand => 'You set all three, the room reads as it comes, and only the output follows.',
        };
    }
}
