<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

/**
 * What somebody measures lengths in.
 *
 * @phpstan-all-methods-pure
 */
enum LengthUnit: string
{
    case Metres = 'metres';
    case Feet = 'feet';

    public function inWords(): string
    {
        return match ($this) {
            self::Metres => 'metres',
            self::Feet => 'feet and inches',
        };
    }

    /** m from one line of a card to the next: half metres, or two feet. */
    public function cardStep(): float
    {
        return match ($this) {
            self::Metres => 0.5,
            self::Feet => 0.6096,
        };
    }
}
