<?php

declare(strict_types=1);

namespace Kaddle\Core\Wish;

use Kaddle\Core\Quantity\Kelvin;

/**
 * White balances as bodies have them ready; makers differ by some 10 mired.
 *
 * @phpstan-all-methods-pure
 */
enum BalancePreset: string
{
    case Candles = 'candles';
    case Lamps = 'lamps';
    case WhiteTubes = 'white-tubes';
    case Sun = 'sun';
    case Flash = 'flash';
    case Clouds = 'clouds';
    case Shade = 'shade';

    public function inWords(): string
    {
        return match ($this) {
            self::Candles => 'Candles',
            self::Lamps => 'Lamps',
            self::WhiteTubes => 'White tubes',
            self::Sun => 'Sun',
            self::Flash => 'Flash',
            self::Clouds => 'Clouds',
            self::Shade => 'Shade',
        };
    }

    public function kelvin(): Kelvin
    {
        return Kelvin::of(match ($this) {
            self::Candles => 1900.0,
            self::Lamps => 3200.0,
            self::WhiteTubes => 4000.0,
            self::Sun => 5200.0,
            self::Flash => 5500.0,
            self::Clouds => 6500.0,
            self::Shade => 7500.0,
        });
    }
}
