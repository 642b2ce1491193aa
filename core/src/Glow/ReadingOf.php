<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

/**
 * What a light reading was taken of.
 *
 * @phpstan-all-methods-pure
 */
enum ReadingOf: string
{
    /** The whole frame, or a receptor in the middle of the room. */
    case Room = 'room';
    /** The light that falls on people at the spot. */
    case People = 'people';
    /** The brightness behind them, by a spot or with nobody in the frame. */
    case Behind = 'behind';

    public function inWords(): string
    {
        return match ($this) {
            self::Room => 'whole room',
            self::People => 'light on people',
            self::Behind => 'brightness behind them',
        };
    }
}
