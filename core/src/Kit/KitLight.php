<?php

declare(strict_types=1);

namespace Kaddle\Core\Kit;

use Kaddle\Core\Flash\HeadAim;

/** Where the light of a way comes from. */
enum KitLight: string
{
    case Bounced = 'bounced';
    case Straight = 'straight';
    case Room = 'room';

    /** Whether a head that points so is this way; a card sends its part straight. */
    public function takes(HeadAim $aim): bool
    {
        return $this === match ($aim) {
            HeadAim::Off => self::Room,
            HeadAim::Direct, HeadAim::Card => self::Straight,
            default => self::Bounced,
        };
    }
}
