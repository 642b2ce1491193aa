<?php

declare(strict_types=1);

namespace Kaddle\Core\Night;

/**
 * What a house forbids.
 *
 * @phpstan-all-methods-pure
 */
enum RuleKind: string
{
    case NoFlash = 'no-flash';
    case NoStands = 'no-stands';
    case Quiet = 'quiet';

    public function inWords(): string
    {
        return match ($this) {
            self::NoFlash => 'no flash',
            self::NoStands => 'no stands',
            self::Quiet => 'quiet',
        };
    }

    /** What it means for the photographer. */
    public function sentence(): string
    {
        return match ($this) {
            self::NoFlash => 'No flash here now: set the room alone, and switch the unit off, not only down.',
            self::NoStands => 'No stands in here: keep the light on the camera or in a hand.',
            self::Quiet => 'Quiet: silent shutter, no beeps, no charging whine near the front.',
        };
    }
}
