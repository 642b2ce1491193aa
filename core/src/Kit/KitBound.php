<?php

declare(strict_types=1);

namespace Kaddle\Core\Kit;

/**
 * What gives out first.
 *
 * @phpstan-all-methods-pure
 */
enum KitBound: string
{
    case NoLight = 'no-light';
    case LowestOutput = 'lowest-output';
    case FullOutput = 'full-output';
    case Depth = 'depth';
    case TooBright = 'too-bright';
    case Hands = 'hands';
    case Movers = 'movers';
    case IsoAndAperture = 'iso-and-aperture';

    public function inWords(): string
    {
        return match ($this) {
            self::NoLight => 'no light arrives',
            self::LowestOutput => 'lowest output',
            self::FullOutput => 'full output',
            self::Depth => 'depth of the group',
            self::TooBright => 'more light than the camera takes',
            self::Hands => 'hands at sync speed',
            self::Movers => 'people who move, without flash',
            self::IsoAndAperture => 'usable ISO and widest aperture',
        };
    }
}
