<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Vector;

/**
 * The ways to point a head on the camera that this version weighs against each other.
 *
 * @phpstan-all-methods-pure
 */
enum HeadAim: string
{
    case Up = 'up';
    /** Ceiling before the camera, 60 degrees of tilt. */
    case UpForward = 'up-forward';
    /** Ceiling behind the camera, 120 degrees of tilt. */
    case UpBack = 'up-back';
    /** High on the left wall, 30 degrees of tilt. */
    case Left = 'left';
    /** High on the right wall, 30 degrees of tilt. */
    case Right = 'right';
    /** Straight at the face. */
    case Direct = 'direct';

    public function isBounced(): bool
    {
        return $this !== self::Direct;
    }

    /** @param Vector $toFace from the head to the face */
    public function direction(Vector $toFace): Direction
    {
        return Direction::along(match ($this) {
            self::Up => Vector::of(0.0, 0.0, 1.0),
            self::UpForward => self::tilted(60.0, 1.0),
            self::UpBack => self::tilted(60.0, -1.0),
            self::Left => self::sideways(30.0, 1.0),
            self::Right => self::sideways(30.0, -1.0),
            self::Direct => $toFace,
        });
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Up => 'Straight up',
            self::UpForward => 'Up and forward',
            self::UpBack => 'Up and back',
            self::Left => 'Left wall',
            self::Right => 'Right wall',
            self::Direct => 'Straight at the face',
        };
    }

    /** What the fingers do. */
    public function instruction(): string
    {
        return match ($this) {
            self::Up => 'tilt 90°',
            self::UpForward => 'tilt 60°',
            self::UpBack => 'tilt 60°, turned round to the back',
            self::Left => 'turn 90° left, tilt 30°',
            self::Right => 'turn 90° right, tilt 30°',
            self::Direct => 'tilt 0°, at the face',
        };
    }

    private static function tilted(float $degrees, float $towardsFar): Vector
    {
        return Vector::of($towardsFar * cos(deg2rad($degrees)), 0.0, sin(deg2rad($degrees)));
    }

    private static function sideways(float $degrees, float $towardsLeft): Vector
    {
        return Vector::of(0.0, $towardsLeft * cos(deg2rad($degrees)), sin(deg2rad($degrees)));
    }
}
