<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

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
    /** Turned and tilted by hand, to angles that are told beside. */
    case ByHand = 'by-hand';
    /** Switched off. */
    case Off = 'off';

    /**
     * The ways that are weighed by themselves: whatever swallows the head leaves no room for a card.
     *
     * @return non-empty-list<self>
     */
    public static function with(Outfit $outfit): array
    {
        $ways = [self::Up, self::UpForward, self::UpBack, self::BackLeft, self::BackRight, self::Left, self::Right];

        return $outfit->coversHead() ? [...$ways, self::Direct] : [...$ways, self::Card, self::Direct];
    }

    /**
     * The ways that somebody can insist on.
     *
     * @return non-empty-list<self>
     */
    public static function toChoose(): array
    {
        return [self::Up, self::UpForward, self::UpBack, self::BackLeft, self::BackRight, self::Left, self::Right, self::Card, self::Direct, self::ByHand];
    }

    public function isBounced(): bool
    {
        return $this !== self::Direct && $this !== self::Off;
    }

    /** Where the head stands; null where that follows from the face, or from the hand. */
    public function angles(): ?Angles
    {
        return match ($this) {
            self::Up, self::Card => Angles::ofDegrees(0.0, 90.0),
            self::UpForward => Angles::ofDegrees(0.0, 60.0),
            self::UpBack => Angles::ofDegrees(180.0, 60.0),
            self::BackLeft => Angles::ofDegrees(135.0, 45.0),
            self::BackRight => Angles::ofDegrees(-135.0, 45.0),
            self::Left => Angles::ofDegrees(90.0, 30.0),
            self::Right => Angles::ofDegrees(-90.0, 30.0),
            self::Direct, self::ByHand, self::Off => null,
        };
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
            self::ByHand => 'Turned by hand',
            self::Off => 'Off',
        };
    }

    /** As a part of a sentence: "the head …". */
    public function inSentence(): string
    {
        return match ($this) {
            self::Left => 'at the left wall',
            self::Right => 'at the right wall',
            self::ByHand => 'turned by hand',
            default => lcfirst($this->inWords()),
        };
    }

    /** What the fingers do. @param Angles|null $byHand where the hand has put it */
    public function instruction(?Angles $byHand = null): string
    {
        return match ($this) {
            self::Card => 'tilt 90°, card out',
            self::Direct => 'tilt 0°, at the face',
            self::Off => 'switched off',
            default => ($this->angles() ?? $byHand)?->instruction() ?? '',
        };
    }
}
