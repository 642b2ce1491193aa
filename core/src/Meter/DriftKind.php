<?php

declare(strict_types=1);

namespace Kaddle\Core\Meter;

/** What changes in a frame and leads a meter astray. */
enum DriftKind: string
{
    case Planned = 'planned';
    case WhiteDress = 'white-dress';
    case DarkSuits = 'dark-suits';
    case DarkHall = 'dark-hall';
    case BrightLamps = 'bright-lamps';
    case Farther = 'farther';
}
