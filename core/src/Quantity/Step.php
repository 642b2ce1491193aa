<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * How far one click of a control goes.
 *
 * @phpstan-all-methods-pure
 */
enum Step: string
{
    /** Usual on bodies. */
    case Third = 'third';
    /** A setting of many bodies. */
    case Half = 'half';
    /** Found on some flash units only. */
    case Tenth = 'tenth';
    /** Found on simple flash units. */
    case Whole = 'whole';

    /** Size of a click in thirtieths of a stop, see ExactStops. */
    public function thirtieths(): int
    {
        return match ($this) {
            self::Third => 10,
            self::Half => 15,
            self::Tenth => 3,
            self::Whole => 30,
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Third => 'third of a stop',
            self::Half => 'half a stop',
            self::Tenth => 'tenth of a stop',
            self::Whole => 'whole stop',
        };
    }
}
