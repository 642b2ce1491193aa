<?php

declare(strict_types=1);

namespace Kaddle\Core\People;

/**
 * How much the people of a moment move.
 *
 * @phpstan-all-methods-pure
 */
enum Movement: string
{
    case Still = 'still';
    case Talk = 'talk';
    case Walk = 'walk';
    case Dance = 'dance';

    public function inWords(): string
    {
        return match ($this) {
            self::Still => 'hold still',
            self::Talk => 'talk and turn',
            self::Walk => 'walk',
            self::Dance => 'dance',
        };
    }

    /** Usual speed of hands and skirts across the picture, m/s. */
    public function handSpeed(): float
    {
        return match ($this) {
            self::Still => 0.2,
            self::Talk => 1.5,
            self::Walk => 2.5,
            self::Dance => 5.0,
        };
    }

    /** Whether people leave the place where they are. */
    public function isTravel(): bool
    {
        return $this === self::Walk || $this === self::Dance;
    }

    /** Usual speed across the picture, m/s. */
    public function speed(): float
    {
        return match ($this) {
            self::Still => 0.05,
            self::Talk => 0.25,
            self::Walk => 1.2,
            self::Dance => 1.8,
        };
    }
}
