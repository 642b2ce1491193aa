<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

/**
 * What decided the value of a control.
 *
 * @phpstan-all-methods-pure
 */
enum Limit: string
{
    /** Slower, and the hands shake. */
    case HandHeld = 'hand-held';
    /** Faster, and the frame gets a black bar. */
    case Sync = 'sync';
    /** Slower, and even a long time has no people left in it. */
    case LongestTime = 'longest-time';
    /** The shutter has no faster time. */
    case FastestShutter = 'fastest-shutter';
    case WidestAperture = 'widest-aperture';
    case NarrowestAperture = 'narrowest-aperture';
    /** The aperture wished for could be kept. */
    case WorkingAperture = 'working-aperture';
    case UsableIso = 'usable-iso';
    case BaseIso = 'base-iso';
    /** Follows from the wanted level of the room and the other controls. */
    case RoomLevel = 'room-level';
    /** Follows from the wanted level of the face. */
    case FaceLevel = 'face-level';
    /** Moved so that the unit stays at a quarter of its power. */
    case QuarterOutput = 'quarter-output';
    /** The photographer holds it. */
    case Held = 'held';
    /** Of all that serve the moment, what the moments around it want. */
    case Night = 'night';
    /** Wider, and part of the group goes soft. */
    case GroupDepth = 'group-depth';
    /** Slower, and the room's light smears people who move. */
    case Movers = 'movers';
    /** Closed down, with a slower shutter, so that the lowest output is not too much. */
    case WeakestFlash = 'weakest-flash';
    /** The picture is taken without flash. */
    case NoFlash = 'no-flash';
    case FullOutput = 'full-output';
    case LowestOutput = 'lowest-output';

    public function inWords(): string
    {
        return match ($this) {
            self::HandHeld => 'the slowest you can hold',
            self::Sync => 'sync speed',
            self::LongestTime => 'two seconds are enough',
            self::FastestShutter => 'the fastest shutter',
            self::WidestAperture => 'the lens is wide open',
            self::NarrowestAperture => 'the lens is closed down',
            self::WorkingAperture => 'your working aperture',
            self::UsableIso => 'highest usable ISO',
            self::BaseIso => 'lowest ISO',
            self::RoomLevel => 'set by the room’s level',
            self::FaceLevel => 'set by the face’s level',
            self::QuarterOutput => 'keeps the flash at a quarter',
            self::Held => 'held by you',
            self::Night => 'spares turns in the night',
            self::GroupDepth => 'holds the whole group sharp',
            self::Movers => 'still holds people who move',
            self::WeakestFlash => 'gives the lowest output its place',
            self::NoFlash => 'no flash here',
            self::FullOutput => 'full power',
            self::LowestOutput => 'lowest power',
        };
    }
}
