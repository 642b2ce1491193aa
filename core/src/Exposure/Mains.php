<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

/**
 * The mains that lamps hang on: their light beats at twice its frequency.
 *
 * @see docs/physics.md, “Marks on the rules”
 *
 * @phpstan-all-methods-pure
 */
enum Mains: string
{
    case Hz50 = 'hz50';
    case Hz60 = 'hz60';

    /** Share of a beat that may be left in an exposure before frames and rows differ. */
    private const EVEN = 0.07;

    public function inWords(): string
    {
        return "{$this->frequency()} Hz";
    }

    /** In Hz. */
    public function frequency(): int
    {
        return $this === self::Hz50 ? 50 : 60;
    }

    /**
     * What of the beat is left in an exposure: |sin(πft)/(πft)| with f twice the mains; 0 at whole
     * multiples of 1/f, where every frame and every row gets the same.
     * A share from 0 to 1.
     */
    public function ripple(Shutter $shutter): float
    {
        $x = M_PI * 2.0 * $this->frequency() * $shutter->seconds();

        return abs(sin($x) / $x);
    }

    public function isEven(Shutter $shutter): bool
    {
        return $this->ripple($shutter) < self::EVEN;
    }
}
