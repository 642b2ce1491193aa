<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

/**
 * The ways in which a moment cannot be had.
 *
 * @phpstan-all-methods-pure
 */
enum ShortfallKind: string
{
    case RoomTooDark = 'room-too-dark';
    case RoomTooBright = 'room-too-bright';
    case FlashTooWeak = 'flash-too-weak';
    case FlashTooStrong = 'flash-too-strong';
    /** More light on the face than it should have. */
    case FaceTooBright = 'face-too-bright';
    /** Without flash, people who move are not sharp. */
    case Smeared = 'smeared';
    case Shaky = 'shaky';
}
