<?php

declare(strict_types=1);

namespace Kaddle\Core\People;

/**
 * The tone of what people wear, as a flash meter sees it.
 *
 * @phpstan-all-methods-pure
 */
enum Clothing: string
{
    case White = 'white';
    case Mixed = 'mixed';
    case Dark = 'dark';

    public function inWords(): string
    {
        return match ($this) {
            self::White => 'mostly white',
            self::Mixed => 'mixed',
            self::Dark => 'mostly dark',
        };
    }

    /** What it sends back over mid-grey. */
    public function tone(): float
    {
        return $this->reflectance() / People::MID_GREY;
    }

    /** Share of light that it sends back: usual figures for cloth, skin between it included. */
    public function reflectance(): float
    {
        return match ($this) {
            self::White => 0.60,
            self::Mixed => 0.20,
            self::Dark => 0.08,
        };
    }
}
