<?php

declare(strict_types=1);

namespace App\Models;

/** How far an import has come. */
enum ImportState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    /** Taken as a whole, or looked at as a whole. */
    case Taken = 'taken';
    /** Refused, with the faults by field; nothing is changed. */
    case Refused = 'refused';
}
