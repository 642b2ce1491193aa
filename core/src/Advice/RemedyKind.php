<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

/** Ways to help where something cannot be had. */
enum RemedyKind: string
{
    case LetRoomFall = 'let-room-fall';
    /** Where no flash carries the picture. */
    case DarkerFrame = 'darker-frame';
    case Stand = 'stand';
    case FasterLens = 'faster-lens';
    case HigherIso = 'higher-iso';
    case Filter = 'filter';
    case BrighterRoom = 'brighter-room';
    case SlowerShutter = 'slower-shutter';
    case DarkerAim = 'darker-aim';
    case Cover = 'cover';
    case Gels = 'gels';
    case StepBack = 'step-back';
    case LetRoomFallForFlash = 'let-room-fall-for-flash';
    case LessLight = 'less-light';
    case LetRoomFallForMovers = 'let-room-fall-for-movers';
    case FasterLensOrIso = 'faster-lens-or-iso';
    case StrongerUnit = 'stronger-unit';
    case OtherAim = 'other-aim';
    case Closer = 'closer';
    case StandOrStabiliser = 'stand-or-stabiliser';
    case ShorterLens = 'shorter-lens';
}
