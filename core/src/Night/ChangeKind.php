<?php

declare(strict_types=1);

namespace Kaddle\Core\Night;

/**
 * What may turn out otherwise than a night was planned.
 *
 * @phpstan-all-methods-pure
 */
enum ChangeKind: string
{
    /** The light is turned down, or up. */
    case Dimmed = 'dimmed';
    /** Moments begin later, or earlier. */
    case Late = 'late';
    /** What was to be in one room is in another. */
    case Moved = 'moved';
    /** A ceiling is of something else than was thought. */
    case Ceiling = 'ceiling';
    /** A flash unit is not there; another takes its place, or none. */
    case UnitGone = 'unit-gone';
    /** A lens is not there; another takes its place. */
    case LensGone = 'lens-gone';
    /** No flash is allowed. */
    case NoFlash = 'no-flash';

    public function inWords(): string
    {
        return match ($this) {
            self::Dimmed => 'the light goes down or up',
            self::Late => 'it begins later or earlier',
            self::Moved => 'it moves to another room',
            self::Ceiling => 'a ceiling is of something else',
            self::UnitGone => 'a flash unit is not there',
            self::LensGone => 'a lens is not there',
            self::NoFlash => 'no flash is allowed',
        };
    }

    /** @return list<string> fields of the form that it needs */
    public function needs(): array
    {
        return match ($this) {
            self::Dimmed => ['stops'],
            self::Late => ['minutes'],
            self::Moved => ['room', 'to'],
            self::Ceiling => ['room', 'finish'],
            self::UnitGone => ['piece'],
            self::LensGone => ['piece', 'other'],
            self::NoFlash => [],
        };
    }

    /** @return list<string> fields of the form that it knows beside those */
    public function knows(): array
    {
        return match ($this) {
            self::Ceiling => [],
            self::UnitGone => ['from', 'until', 'other'],
            default => ['from', 'until'],
        };
    }
}
