<?php

declare(strict_types=1);

namespace Kaddle\Core\Drag;

/** What a look asks of a picture. */
enum AskPart: string
{
    case RoomLevel = 'room-level';
    case Output = 'output';
    case TrailLength = 'trail-length';
    case TrailSeen = 'trail-seen';
    case SecondCurtain = 'second-curtain';
    case FaceClean = 'face-clean';
    case Lamps = 'lamps';
    case LampsSeen = 'lamps-seen';
    case HandsTurn = 'hands-turn';
    case HandsHold = 'hands-hold';
    case CrowdGone = 'crowd-gone';
    case CoupleSharp = 'couple-sharp';
    case Ground = 'ground';
    case PersonDark = 'person-dark';
    case Rim = 'rim';
}
