<?php

declare(strict_types=1);

namespace Kaddle\Core\People;

/**
 * Who or what is there and wants care.
 *
 * @phpstan-all-methods-pure
 */
enum Presence: string
{
    case Baby = 'baby';
    case Flames = 'flames';
    case Animals = 'animals';
    case Floor = 'floor';

    public function inWords(): string
    {
        return match ($this) {
            self::Baby => 'a baby',
            self::Flames => 'open flames or sparklers',
            self::Animals => 'animals',
            self::Floor => 'a crowded floor',
        };
    }
}
