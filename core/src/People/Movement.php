<?php

declare(strict_types=1);

namespace Kaddle\Core\People;

/**
 * How much the people of a moment move.
 *
 * @phpstan-all-methods-pure
 */
enum Movement: string
{
    case Still = 'still';
    case Talk = 'talk';
    case Walk = 'walk';
    case Procession = 'procession';
    case SlowDance = 'slow-dance';
    case Dance = 'dance';
    case Spin = 'spin';
    case Jump = 'jump';

    public function inWords(): string
    {
        return match ($this) {
            self::Still => 'hold still',
            self::Talk => 'talk and turn',
            self::Walk => 'walk',
            self::Procession => 'walk in procession',
            self::SlowDance => 'dance slowly',
            self::Dance => 'dance',
            self::Spin => 'spin',
            self::Jump => 'jump and dance',
        };
    }

    /** Usual speed of hands and skirts across the picture, m/s. */
    public function handSpeed(): float
    {
        return match ($this) {
            self::Still => 0.2,
            self::Talk => 1.5,
            self::Walk => 2.5,
            self::Procession => 1.0,
            self::SlowDance => 1.5,
            self::Dance, self::Spin => 5.0,
            self::Jump => 6.0,
        };
    }

    /** Whether people leave the place where they are. */
    public function isTravel(): bool
    {
        return $this !== self::Still && $this !== self::Talk;
    }

    public function isDance(): bool
    {
        return in_array($this, [self::SlowDance, self::Dance, self::Spin, self::Jump], true);
    }

    public function isWalk(): bool
    {
        return $this === self::Walk || $this === self::Procession;
    }

    /** Usual speed across the picture, m/s. */
    public function speed(): float
    {
        return match ($this) {
            self::Still => 0.05,
            self::Talk => 0.25,
            self::Walk => 1.2,
            self::Procession => 0.7,
            self::SlowDance => 0.6,
            self::Dance => 1.8,
            self::Spin => 2.2,
            self::Jump => 2.5,
        };
    }
}
