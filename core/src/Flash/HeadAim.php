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
    /** Over the left shoulder into the corner of wall and ceiling, 45 degrees of tilt. */
    case BackLeft = 'back-left';
    /** Over the right shoulder, likewise. */
    case BackRight = 'back-right';
    /** High on the left wall, 30 degrees of tilt. */
    case Left = 'left';
    /** High on the right wall, 30 degrees of tilt. */
    case Right = 'right';
    /** Straight up with a white card behind the head that sends part of it forward. */
    case Card = 'card';
    /** Straight at the face. */
    case Direct = 'direct';

    /**
     * The ways that are open: whatever swallows the head leaves no room for a card.
     *
     * @return non-empty-list<self>
     */
    public static function with(Outfit $outfit): array
    {
        return $outfit->coversHead()
            ? [self::Up, self::UpForward, self::UpBack, self::BackLeft, self::BackRight, self::Left, self::Right, self::Direct]
            : self::cases();
    }

    public function isBounced(): bool
    {
        return $this !== self::Direct;
    }

    /** @param Vector $toFace from the head to the face */
    public function direction(Vector $toFace): Direction
    {
        return Direction::along(match ($this) {
            self::Up, self::Card => Vector::of(0.0, 0.0, 1.0),
            self::UpForward => self::over(0.0, 60.0),
            self::UpBack => self::over(180.0, 60.0),
            self::BackLeft => self::over(135.0, 45.0),
            self::BackRight => self::over(-135.0, 45.0),
            self::Left => self::over(90.0, 30.0),
            self::Right => self::over(-90.0, 30.0),
            self::Direct => $toFace,
        });
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Up => 'Straight up',
            self::UpForward => 'Up and forward',
            self::UpBack => 'Up and back',
            self::BackLeft => 'Over the left shoulder',
            self::BackRight => 'Over the right shoulder',
            self::Left => 'Left wall',
            self::Right => 'Right wall',
            self::Card => 'Up with the card',
            self::Direct => 'Straight at the face',
        };
    }

    /** As a part of a sentence: "the head …". */
    public function inSentence(): string
    {
        return match ($this) {
            self::Left => 'at the left wall',
            self::Right => 'at the right wall',
            default => lcfirst($this->inWords()),
        };
    }

    /** What the fingers do. */
    public function instruction(): string
    {
        return match ($this) {
            self::Up => 'tilt 90°',
            self::UpForward => 'tilt 60°',
            self::UpBack => 'tilt 60°, turned round to the back',
            self::BackLeft => 'turn 135° left, tilt 45°',
            self::BackRight => 'turn 135° right, tilt 45°',
            self::Left => 'turn 90° left, tilt 30°',
            self::Right => 'turn 90° right, tilt 30°',
            self::Card => 'tilt 90°, card out',
            self::Direct => 'tilt 0°, at the face',
        };
    }

    /** Degrees: turned to the left from the way the camera looks, tilted up from level. */
    private static function over(float $turn, float $tilt): Vector
    {
        return Vector::of(
            cos(deg2rad($tilt)) * cos(deg2rad($turn)),
            cos(deg2rad($tilt)) * sin(deg2rad($turn)),
            sin(deg2rad($tilt)),
        );
    }
}
