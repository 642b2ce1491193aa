<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

/**
 * What light from above does to the eye sockets.
 *
 * @phpstan-all-methods-pure
 */
enum Eyes: string
{
    case Open = 'open';
    case Shaded = 'shaded';
    case Dark = 'dark';
}
