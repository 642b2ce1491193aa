<?php

declare(strict_types=1);

namespace Kaddle\Core\Drag;

/** Why one curtain and not the other. */
enum CurtainReason: string
{
    /** The picture is taken without flash. */
    case NoFlash = 'no-flash';
    /** A flash that pulses lights all of the exposure. */
    case Pulses = 'pulses';
    /** Nothing smears that shows: the pose is nearer to the finger with the first. */
    case NoDifference = 'no-difference';
    /** So little smears that nobody sees on which side it lies. */
    case NoSide = 'no-side';
    /** What smears comes to lie behind who moves. */
    case TrailFollows = 'trail-follows';
    /** The camera moves: with the first they stay where it was framed. */
    case Framed = 'framed';
    /** The second would be better, and is not there. */
    case NotThere = 'not-there';
}
