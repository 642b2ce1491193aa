<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Quantity\Refused;

/**
 * A light reading without the figure that its kind needs.
 *
 * @phpstan-all-methods-pure
 */
final class IncompleteReading extends Refused
{
    public static function incident(): self
    {
        return new self('A reading with an incident meter needs its lux.');
    }

    public static function dome(): self
    {
        return new self('A reading with a domed meter needs its EV.');
    }

    public static function metered(): self
    {
        return new self('A reading with a camera needs shutter, aperture and ISO.');
    }

    public static function frame(): self
    {
        return new self('A reading from a frame needs its EV.');
    }
}
