<?php

declare(strict_types=1);

namespace Kaddle\Core\Wish;

/**
 * The brightest thing that must hold detail.
 *
 * @phpstan-all-methods-pure
 */
enum KeptThing: string
{
    case Candles = 'candles';
    case Lamps = 'lamps';
    case Window = 'window';
    case Stage = 'stage';
    case Cloth = 'cloth';

    public function inWords(): string
    {
        return match ($this) {
            self::Candles => 'candles',
            self::Lamps => 'lamps and their shades',
            self::Window => 'window and what is outside',
            self::Stage => 'lit stage',
            self::Cloth => 'white cloth',
        };
    }

    /**
     * Stops over mid-grey at which it still shows what it is; sensors clip at about three. What
     * shines may come nearer to that than what has a texture. Judgement, not physics.
     */
    public function headroom(): float
    {
        return match ($this) {
            self::Candles, self::Lamps => 2.5,
            self::Cloth => 2.0,
            self::Window, self::Stage => 1.5,
        };
    }
}
