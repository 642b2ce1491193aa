<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

/**
 * What lights a room, as far as it lights faces otherwise than what is behind them.
 *
 * Face towards the camera over the backdrop: medians of twelve places in a traced function room. The doubt is the
 * range there divided by 3.3, which is how many standard deviations twelve draws of a bell curve span.
 *
 * @see docs/physics.md, “Face and background”
 *
 * @phpstan-all-methods-pure
 */
enum LampKind: string
{
    case Spots = 'spots';
    case Downlights = 'downlights';
    case Globes = 'globes';
    case Chandelier = 'chandelier';
    case Uplights = 'uplights';
    case Candles = 'candles';
    case SideWindows = 'side-windows';
    case Stage = 'stage';

    public function inWords(): string
    {
        return match ($this) {
            self::Spots => 'narrow downlights',
            self::Downlights => 'wide downlights',
            self::Globes => 'globes at head height',
            self::Chandelier => 'one chandelier',
            self::Uplights => 'uplights on the walls',
            self::Candles => 'candles on tables',
            self::SideWindows => 'windows at the side, by day',
            self::Stage => 'a lit stage behind',
        };
    }

    /** Stops by which the face is lit better than what is behind it. */
    public function over(): float
    {
        return match ($this) {
            self::Spots, self::Downlights => 0.0,
            self::Globes, self::Uplights, self::Candles => -0.1,
            self::Chandelier => 1.1,
            self::SideWindows => 0.5,
            self::Stage => -4.1,
        };
    }

    /** Stops either way, standard deviation. */
    public function doubt(): float
    {
        return match ($this) {
            self::Spots => 0.4,
            self::Downlights => 0.3,
            self::Globes => 0.2,
            self::Chandelier => 1.3,
            self::Uplights => 0.1,
            self::Candles => 0.5,
            self::SideWindows => 0.6,
            self::Stage => 0.7,
        };
    }
}
