<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * Kinds of rooms to start from: usual sizes and finishes, to be changed to the room at hand.
 *
 * The height is that of the eaves where there is a pitched roof.
 *
 * @phpstan-all-methods-pure
 */
enum RoomKind: string
{
    case FunctionRoom = 'function-room';
    case LongHall = 'long-hall';
    /** Timber under a pitched roof. */
    case Barn = 'barn';
    case Marquee = 'marquee';
    /** White walls, hard floor, high flat ceiling. */
    case Gallery = 'gallery';
    case BlackClub = 'black-club';
    case OpenAir = 'open-air';

    public function inWords(): string
    {
        return match ($this) {
            self::FunctionRoom => 'function room',
            self::LongHall => 'long low hall',
            self::Barn => 'barn with a pitched roof',
            self::Marquee => 'marquee',
            self::Gallery => 'white gallery',
            self::BlackClub => 'black club',
            self::OpenAir => 'open air',
        };
    }

    /**
     * Length, width and height.
     *
     * @return array{float, float, float} m
     */
    public function metres(): array
    {
        return match ($this) {
            self::FunctionRoom => [14.0, 8.0, 2.8],
            self::LongHall => [26.0, 6.4, 3.1],
            self::Barn => [20.0, 10.0, 4.0],
            self::Marquee => [18.0, 9.0, 2.6],
            self::Gallery => [16.0, 10.0, 4.5],
            self::BlackClub => [15.0, 12.0, 4.0],
            self::OpenAir => [60.0, 30.0, 12.0],
        };
    }

    /** Null for a flat ceiling. */
    public function roof(): ?PitchedRoof
    {
        $eaves = $this->metres()[2];

        return match ($this) {
            self::Barn => PitchedRoof::over($eaves, 8.0, RidgeWay::Along),
            self::Marquee => PitchedRoof::over($eaves, 5.0, RidgeWay::Along),
            default => null,
        };
    }

    public function finish(Face $face): Finish
    {
        return match ($face) {
            Face::Ceiling => $this->ceiling(),
            Face::Floor => $this->floor(),
            default => $this->walls(),
        };
    }

    private function ceiling(): Finish
    {
        return match ($this) {
            self::FunctionRoom, self::Gallery => Finish::WhitePlaster,
            self::LongHall => Finish::Limewash,
            self::Barn => Finish::DarkTimber,
            self::Marquee => Finish::Sailcloth,
            self::BlackClub => Finish::BlackDrape,
            self::OpenAir => Finish::Open,
        };
    }

    private function floor(): Finish
    {
        return match ($this) {
            self::FunctionRoom, self::LongHall, self::Barn => Finish::OakBoards,
            self::Marquee => Finish::Grass,
            self::Gallery => Finish::Concrete,
            self::BlackClub => Finish::BlackDrape,
            self::OpenAir => Finish::StoneFlags,
        };
    }

    private function walls(): Finish
    {
        return match ($this) {
            self::FunctionRoom => Finish::CreamPaint,
            self::LongHall => Finish::Limewash,
            self::Barn => Finish::DarkTimber,
            self::Marquee => Finish::Sailcloth,
            self::Gallery => Finish::WhitePlaster,
            self::BlackClub => Finish::BlackDrape,
            self::OpenAir => Finish::Open,
        };
    }
}
