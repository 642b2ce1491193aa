<?php

declare(strict_types=1);

namespace Kaddle\Core\Colour;

use Kaddle\Core\Quantity\Mired;
use Kaddle\Core\Quantity\Stops;

/**
 * Gels by their usual strengths. Shifts and losses are the customary figures of the
 * trade; a sheet may differ by some 10 mired and a tenth of a stop.
 *
 * @phpstan-all-methods-pure
 */
enum GelKind: string
{
    case FullOrange = 'full-orange';
    case HalfOrange = 'half-orange';
    case QuarterOrange = 'quarter-orange';
    case QuarterBlue = 'quarter-blue';
    case HalfBlue = 'half-blue';

    public function inWords(): string
    {
        return match ($this) {
            self::FullOrange => 'full orange',
            self::HalfOrange => 'half orange',
            self::QuarterOrange => 'quarter orange',
            self::QuarterBlue => 'quarter blue',
            self::HalfBlue => 'half blue',
        };
    }

    public function gel(): Gel
    {
        return match ($this) {
            self::FullOrange => Gel::of(Mired::of(159.0), Stops::of(0.65)),
            self::HalfOrange => Gel::of(Mired::of(81.0), Stops::of(0.5)),
            self::QuarterOrange => Gel::of(Mired::of(42.0), Stops::of(0.3)),
            self::QuarterBlue => Gel::of(Mired::of(-35.0), Stops::of(0.5)),
            self::HalfBlue => Gel::of(Mired::of(-68.0), Stops::of(0.9)),
        };
    }
}
