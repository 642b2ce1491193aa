<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

/**
 * A way on the compass.
 *
 * @phpstan-all-methods-pure
 */
enum Compass: string
{
    case North = 'north';
    case NorthEast = 'north-east';
    case East = 'east';
    case SouthEast = 'south-east';
    case South = 'south';
    case SouthWest = 'south-west';
    case West = 'west';
    case NorthWest = 'north-west';

    public function inWords(): string
    {
        return $this->value;
    }

    /** From north by east, 0 to 315. */
    public function degrees(): float
    {
        return 45.0 * (int) array_search($this, self::cases(), true);
    }
}
