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

    /** Cells that a small unit usually takes of them; a pack counts as one. */
    public function usualCells(): int
    {
        return match ($this) {
            self::Alkaline, self::Nimh => 4,
            self::LithiumPack, self::External => 1,
        };
    }

    /** What is counted: "cells". */
    public function counted(int $cells): string
    {
        $one = match ($this) {
            self::Alkaline, self::Nimh => 'cell',
            self::LithiumPack, self::External => 'pack',
        };

        return $cells === 1 ? "1 $one" : "$cells {$one}s";
    }
}
