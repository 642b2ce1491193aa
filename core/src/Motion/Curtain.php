<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

/**
 * When the pop comes: as the shutter has opened, or before it closes.
 *
 * @phpstan-all-methods-pure
 */
enum Curtain: string
{
    case First = 'first';
    case Second = 'second';

    public function inWords(): string
    {
        return match ($this) {
            self::First => 'first curtain',
            self::Second => 'second curtain',
        };
    }
}
