<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

/**
 * How a room's glow was measured.
 *
 * @phpstan-all-methods-pure
 */
enum ReadingKind: string
{
    /** With an incident meter, in lx. */
    case Incident = 'incident';
    /** With an incident meter under its dome, as the EV that it shows at ISO 100. */
    case Dome = 'dome';
    /** With a camera's meter: shutter, aperture, ISO. */
    case Metered = 'metered';
    /** From a frame that was judged afterwards, as EV. */
    case Frame = 'frame';

    public function inWords(): string
    {
        return match ($this) {
            self::Incident => 'incident meter',
            self::Dome => 'domed meter',
            self::Metered => 'camera meter',
            self::Frame => 'from a frame',
        };
    }

    /** Doubt of one reading, stops; people hold meters at different heights and meter different walls. */
    public function doubt(): float
    {
        return match ($this) {
            self::Incident, self::Dome => 0.2,
            self::Metered => 0.35,
            self::Frame => 0.5,
        };
    }
}
