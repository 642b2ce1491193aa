<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * The six faces of a box room; x runs from behind the camera to the far wall.
 *
 * @phpstan-all-methods-pure
 */
enum Face: string
{
    case Ceiling = 'ceiling';
    case Floor = 'floor';
    /** x = 0, behind the camera. */
    case Back = 'back';
    /** x = length, what the camera looks at. */
    case Far = 'far';
    /** y = 0, at the camera's right hand. */
    case Right = 'right';
    /** y = width, at the camera's left hand. */
    case Left = 'left';

    /**
     * The axis at right angles to the face: 0 for x, 1 for y, 2 for z.
     *
     * @return int<0, 2>
     */
    public function axis(): int
    {
        return match ($this) {
            self::Back, self::Far => 0,
            self::Right, self::Left => 1,
            self::Floor, self::Ceiling => 2,
        };
    }

    /**
     * The two axes that span the face, ascending.
     *
     * @return array{int<0, 2>, int<0, 2>}
     */
    public function sides(): array
    {
        return match ($this->axis()) {
            0 => [1, 2],
            1 => [0, 2],
            2 => [0, 1],
        };
    }

    /** Whether it lies at the far end of its axis. */
    public function isUpper(): bool
    {
        return match ($this) {
            self::Far, self::Left, self::Ceiling => true,
            self::Back, self::Right, self::Floor => false,
        };
    }

    public function opposite(): self
    {
        return match ($this) {
            self::Back => self::Far,
            self::Far => self::Back,
            self::Right => self::Left,
            self::Left => self::Right,
            self::Floor => self::Ceiling,
            self::Ceiling => self::Floor,
        };
    }

    /** Its normal into the room. */
    public function inward(): Direction
    {
        $sign = $this->isUpper() ? -1.0 : 1.0;

        return Direction::along(match ($this->axis()) {
            0 => Vector::of($sign, 0.0, 0.0),
            1 => Vector::of(0.0, $sign, 0.0),
            default => Vector::of(0.0, 0.0, $sign),
        });
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Ceiling => 'ceiling',
            self::Floor => 'floor',
            self::Back => 'wall behind you',
            self::Far => 'far wall',
            self::Right => 'right wall',
            self::Left => 'left wall',
        };
    }
}
