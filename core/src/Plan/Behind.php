<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan;

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
}
