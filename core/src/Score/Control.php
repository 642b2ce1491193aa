<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Situation\Moment;

/**
 * What a hand turns, moves or changes between two bars of a night.
 *
 * @phpstan-all-methods-pure
 */
enum Control: string
{
    case Shutter = 'shutter';
    case Aperture = 'aperture';
    case Iso = 'iso';
    case Output = 'output';
    case Head = 'head';
    /** The flash is switched on or off. */
    case Flash = 'flash';
    /** First or second. */
    case Curtain = 'curtain';
    /** White balance. */
    case Balance = 'balance';
    case Modifier = 'modifier';
    case Gel = 'gel';
    case Lens = 'lens';
    /** Another flash unit. */
    case Unit = 'unit';
    case Body = 'body';

    /** Whether it stands on a scale of clicks. */
    public function clicks(): bool
    {
        return match ($this) {
            self::Shutter, self::Aperture, self::Iso, self::Output => true,
            default => false,
        };
    }

    /**
     * Between which places the gear of a moment has it.
     *
     * @return array{int, int}|null least and most in thirtieths of a stop; null for what has no clicks
     */
    public function places(Moment $moment): ?array
    {
        return match ($this) {
            self::Shutter => [PHP_INT_MIN, $moment->fastestShutter()->tv->thirtieths],
            self::Aperture => [$moment->lens->widest->av->thirtieths, $moment->lens->narrowest->av->thirtieths],
            self::Iso => [$moment->body->baseIso->sv->thirtieths, $moment->body->usableIso->sv->thirtieths],
            self::Output => [$moment->flash->lowest->thirtieths, 0],
            default => null,
        };
    }

    /** @return list<self> what is a thing of its own, and not a place where something stands */
    public static function things(): array
    {
        return [self::Body, self::Lens, self::Unit, self::Modifier, self::Gel];
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Shutter => 'shutter',
            self::Aperture => 'aperture',
            self::Iso => 'ISO',
            self::Output => 'output',
            self::Head => 'head',
            self::Flash => 'flash',
            self::Curtain => 'curtain',
            self::Balance => 'white balance',
            self::Modifier => 'modifier',
            self::Gel => 'gel',
            self::Lens => 'lens',
            self::Unit => 'flash unit',
            self::Body => 'body',
        };
    }
}
