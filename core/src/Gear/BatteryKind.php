<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

/**
 * What people feed flash units with.
 *
 * @phpstan-all-methods-pure
 */
enum BatteryKind: string
{
    case Alkaline = 'alkaline';
    case Nimh = 'nimh';
    case LithiumPack = 'lithium-pack';
    case External = 'external';

    public function inWords(): string
    {
        return match ($this) {
            self::Alkaline => 'alkaline cells',
            self::Nimh => 'rechargeable NiMH cells',
            self::LithiumPack => 'lithium pack',
            self::External => 'external pack',
        };
    }
}
