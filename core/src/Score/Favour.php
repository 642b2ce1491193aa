<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

/**
 * What a night is to be good at; what else it could be yields to it.
 *
 * @see docs/physics.md, “The night as a whole”
 *
 * @phpstan-all-methods-pure
 */
enum Favour: string
{
    /** Hands and eyes stay with the people. */
    case FewestTurns = 'fewest-turns';
    /** Every moment as if it were the only one: low ISO, the aperture that is liked. */
    case BestFiles = 'best-files';
    /** The flash is ready again soon, and stays cool. */
    case QuickFlash = 'quick-flash';

    public function inWords(): string
    {
        return match ($this) {
            self::FewestTurns => 'Fewest turns',
            self::BestFiles => 'Best files',
            self::QuickFlash => 'Quick flash',
        };
    }

    /** Turns that are worth a stop of trouble. */
    public function turnsPerStop(): float
    {
        return match ($this) {
            self::FewestTurns => 2.0,
            self::QuickFlash => 3.0,
            self::BestFiles => 8.0,
        };
    }

    /** Trouble of a stop of ISO over the lowest. */
    public function noise(): float
    {
        return match ($this) {
            self::FewestTurns => 0.25,
            self::QuickFlash => 0.05,
            self::BestFiles => 0.4,
        };
    }

    /** Trouble of a stop of output, beside what it always is. */
    public function output(): float
    {
        return match ($this) {
            self::FewestTurns, self::BestFiles => 0.0,
            self::QuickFlash => 0.5,
        };
    }
}
