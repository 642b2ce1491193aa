<?php

declare(strict_types=1);

namespace Kaddle\Core\Drag;

/** What cleans a ghost. */
enum CureKind: string
{
    /** A smaller aperture, and more output for it. */
    case Output = 'output';
    /** A lower ISO, and more output for it: the room falls. */
    case LessRoom = 'less-room';
    /** A shorter time: the room falls, and the smear with it. */
    case Shorter = 'shorter';
    /** A place where less of the room's light falls on them. */
    case DarkerPlace = 'darker-place';
    /** A place with something darker behind them. */
    case DarkerGround = 'darker-ground';
}
