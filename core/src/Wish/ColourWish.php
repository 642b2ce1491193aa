<?php

declare(strict_types=1);

namespace Kaddle\Core\Wish;

/**
 * How room and flash are to look beside each other.
 *
 * @see docs/physics.md, “Colour of room and flash”
 *
 * @phpstan-all-methods-pure
 */
enum ColourWish: string
{
    case NeutralFace = 'neutral-face';
    case MatchRoom = 'match-room';
    case WarmRoom = 'warm-room';
    case CoolNight = 'cool-night';

    public function inWords(): string
    {
        return match ($this) {
            self::NeutralFace => 'Neutral face',
            self::MatchRoom => 'Match the room',
            self::WarmRoom => 'Keep the room warm',
            self::CoolNight => 'Cool night, warm face',
        };
    }

    /** Mired by which what is behind should be warmer than the face; null where it may be anything. */
    public function behindOverFace(): ?float
    {
        return match ($this) {
            self::NeutralFace => null,
            self::MatchRoom => 0.0,
            self::WarmRoom => 60.0,
            self::CoolNight => -130.0,
        };
    }

    /** Mired by which the face should look warm. */
    public function faceWarmth(): float
    {
        return $this === self::CoolNight ? 15.0 : 0.0;
    }
}
