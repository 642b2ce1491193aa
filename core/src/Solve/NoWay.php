<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

/**
 * Why pointing the head somewhere is no way to light a face.
 *
 * @see docs/physics.md, “Ways that are none”
 */
enum NoWay: string
{
    /** The head points at nothing that could send light back. */
    case Open = 'open';
    /** What it points at sends back next to nothing. */
    case Black = 'black';
    /** What arrives comes from the floor, from below. */
    case Floor = 'floor';
}
