<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

/**
 * What is done with the camera while the shutter is open.
 *
 * @phpstan-all-methods-pure
 */
enum CameraMoveKind: string
{
    case Still = 'still';
    case Twist = 'twist';
    case Sweep = 'sweep';
    case Tilt = 'tilt';
    case Zoom = 'zoom';

    public function inWords(): string
    {
        return match ($this) {
            self::Still => 'held still',
            self::Twist => 'twisted about the lens',
            self::Sweep => 'swept to the side',
            self::Tilt => 'tilted up or down',
            self::Zoom => 'zoomed',
        };
    }

    public function isTurn(): bool
    {
        return $this === self::Twist || $this === self::Sweep || $this === self::Tilt;
    }
}
