<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

/**
 * What people put on a head, and what it typically does there.
 *
 * The figures are estimates for such things as a class, none of them measured for
 * this catalogue; Modifier::measured() takes the user's own.
 *
 * @phpstan-all-methods-pure
 */
enum ModifierKind: string
{
    /** A white card upright behind the head: part of what goes up is sent level forward. */
    case Card = 'card';
    /** A frosted cap: part goes everywhere, the rest spreads about the axis. */
    case Dome = 'dome';
    /** A frosted ball: nearly all of it goes everywhere. */
    case Sphere = 'sphere';
    /** A box with a cloth: all of it leaves through a flat cloth, which sends it out by the cosine. */
    case SoftBox = 'soft-box';
    /** A honeycomb: only what is near the axis gets through. */
    case Grid = 'grid';

    public function inWords(): string
    {
        return match ($this) {
            self::Card => 'bounce card',
            self::Dome => 'dome',
            self::Sphere => 'sphere',
            self::SoftBox => 'small soft box',
            self::Grid => 'grid',
        };
    }

    /** Whether it swallows the head, so that no card can be pulled out and the zoom does not follow the lens. */
    public function coversHead(): bool
    {
        return match ($this) {
            self::Dome, self::Sphere, self::SoftBox => true,
            self::Card, self::Grid => false,
        };
    }

    /** Stops of all its light that stay inside. */
    public function loss(): float
    {
        return match ($this) {
            self::Card => 0.1,
            self::Dome => 0.9,
            self::Sphere => 1.2,
            self::SoftBox => 1.1,
            self::Grid => 0.4,
        };
    }

    /** Share of its light that leaves the other way: forward from a card, everywhere from dome and sphere. */
    public function part(): float
    {
        return match ($this) {
            self::Card => 0.2,
            self::Dome => 0.45,
            self::Sphere => 0.75,
            self::SoftBox, self::Grid => 0.0,
        };
    }

    /** Across what shines, m. */
    public function size(): float
    {
        return match ($this) {
            self::Card => 0.12,
            self::Dome => 0.09,
            self::Sphere => 0.16,
            self::SoftBox => 0.30,
            self::Grid => 0.06,
        };
    }
}
