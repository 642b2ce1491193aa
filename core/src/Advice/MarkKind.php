<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

/** A limit that a control's scale carries. */
enum MarkKind: string
{
    case Sync = 'sync';
    case Hold = 'hold';
    /** People who move stay sharp by the room's light alone. */
    case Blur = 'blur';
    /** Lamps on the mains look alike in every frame. */
    case Even = 'even';
    /** The whole group is sharp. */
    case Depth = 'depth';
    /** The lens draws best. */
    case Best = 'best';
    case Usable = 'usable';
    /** The unit recycles fast and stays cool. */
    case Easy = 'easy';
}
