<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

/**
 * How somebody reads the time of day.
 *
 * @phpstan-all-methods-pure
 */
enum Clock: string
{
    case Hours24 = '24';
    case Hours12 = '12';

    public function inWords(): string
    {
        return match ($this) {
            self::Hours24 => '19:30',
            self::Hours12 => '7:30 pm',
        };
    }
}
