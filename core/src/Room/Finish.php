<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * Finishes of rooms where people celebrate.
 *
 * Reflectances are estimates within the ranges that lighting practice customarily
 * uses for these materials; source() names the range of each. None was measured for
 * this catalogue, and a room's own finish may lie at either end of its range.
 *
 * @phpstan-all-methods-pure
 */
enum Finish: string
{
    case WhitePlaster = 'white-plaster';
    case Limewash = 'limewash';
    case CreamPaint = 'cream-paint';
    case Sailcloth = 'sailcloth';
    case PaleOak = 'pale-oak';
    case OakBoards = 'oak-boards';
    case DarkTimber = 'dark-timber';
    case StoneFlags = 'stone-flags';
    case Concrete = 'concrete';
    case RedBrick = 'red-brick';
    case SagePaint = 'sage-paint';
    case NavyPaint = 'navy-paint';
    case WineDrape = 'wine-drape';
    case BlackDrape = 'black-drape';
    case NightWindow = 'night-window';
    case Grass = 'grass';
    case WetCobbles = 'wet-cobbles';
    /** Open air: what goes there never comes back. */
    case Open = 'open';

    public function inWords(): string
    {
        return match ($this) {
            self::WhitePlaster => 'white plaster',
            self::Limewash => 'limewash',
            self::CreamPaint => 'cream paint',
            self::Sailcloth => 'sailcloth',
            self::PaleOak => 'pale oak',
            self::OakBoards => 'oak boards',
            self::DarkTimber => 'dark timber',
            self::StoneFlags => 'stone flags',
            self::Concrete => 'concrete',
            self::RedBrick => 'red brick',
            self::SagePaint => 'sage paint',
            self::NavyPaint => 'navy paint',
            self::WineDrape => 'wine-red drape',
            self::BlackDrape => 'black drape',
            self::NightWindow => 'windows at night',
            self::Grass => 'grass',
            self::WetCobbles => 'wet cobbles',
            self::Open => 'open sky',
        };
    }

    /** Where its figure comes from, with the range of luminous reflectance that is usual for it. */
    public function source(): string
    {
        [$least, $most, $why] = match ($this) {
            self::WhitePlaster => [80, 88, 'fresh white emulsion or gypsum; old and smoky ones lie lower'],
            self::Limewash => [70, 80, 'limewash on masonry'],
            self::CreamPaint => [65, 75, 'cream and ivory wall paint'],
            self::Sailcloth => [50, 65, 'unbleached canvas against a dark sky; some light goes through and is lost'],
            self::PaleOak => [30, 45, 'light oak, birch, beech, oiled'],
            self::OakBoards => [20, 30, 'oak floors after years of feet'],
            self::DarkTimber => [6, 15, 'stained or smoke-darkened beams and boards'],
            self::StoneFlags => [20, 40, 'grey sandstone and slate, dry'],
            self::Concrete => [25, 45, 'fair-faced concrete'],
            self::RedBrick => [15, 30, 'fired red brick without gloss'],
            self::SagePaint => [35, 45, 'grey-green wall paint'],
            self::NavyPaint => [7, 14, 'dark blue wall paint'],
            self::WineDrape => [4, 10, 'dark red velvet and wool, in folds'],
            self::BlackDrape => [2, 6, 'black stage cloth, in folds'],
            self::NightWindow => [7, 12, 'two faces of a pane at some 4 % each, and the frame'],
            self::Grass => [6, 12, 'mown grass, seen by the eye'],
            self::WetCobbles => [5, 10, 'dark stone, wet; its gloss is left out'],
            self::Open => [0, 0, 'nothing comes back'],
        };

        return $least === $most ? ucfirst($why) . '.' : "Usual range $least to $most %: $why.";
    }

    public function reflectance(): Reflectance
    {
        return match ($this) {
            self::WhitePlaster => Reflectance::of(0.85, 0.84, 0.81),
            self::Limewash => Reflectance::of(0.79, 0.77, 0.72),
            self::CreamPaint => Reflectance::of(0.76, 0.70, 0.58),
            self::Sailcloth => Reflectance::of(0.64, 0.60, 0.52),
            self::PaleOak => Reflectance::of(0.46, 0.37, 0.26),
            self::OakBoards => Reflectance::of(0.32, 0.24, 0.16),
            self::DarkTimber => Reflectance::of(0.13, 0.10, 0.07),
            self::StoneFlags => Reflectance::of(0.30, 0.29, 0.27),
            self::Concrete => Reflectance::of(0.36, 0.35, 0.34),
            self::RedBrick => Reflectance::of(0.33, 0.19, 0.14),
            self::SagePaint => Reflectance::of(0.38, 0.43, 0.34),
            self::NavyPaint => Reflectance::of(0.07, 0.10, 0.20),
            self::WineDrape => Reflectance::of(0.17, 0.04, 0.05),
            self::BlackDrape => Reflectance::of(0.04, 0.04, 0.04),
            self::NightWindow => Reflectance::of(0.08, 0.08, 0.08),
            self::Grass => Reflectance::of(0.06, 0.11, 0.04),
            self::WetCobbles => Reflectance::of(0.08, 0.08, 0.08),
            self::Open => Reflectance::of(0.0, 0.0, 0.0),
        };
    }
}
