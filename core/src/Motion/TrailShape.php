<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

/**
 * What a lamp draws while the shutter is open.
 *
 * @phpstan-all-methods-pure
 */
enum TrailShape: string
{
    case Dot = 'dot';
    case Line = 'line';
    case Arc = 'arc';
    /** Straight from the middle of the picture outwards. */
    case Ray = 'ray';
    /** A point, or one way, and then another. */
    case Hook = 'hook';
}
