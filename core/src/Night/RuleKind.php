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
}
