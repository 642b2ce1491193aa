<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

use Kaddle\Core\Flash\LitSurfaces;
use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\RidgeWay;
use Kaddle\Core\Room\Vector;

/**
 * A plane piece of a room: a face, or one slope of its ceiling, with the light of the flash all over it.
 *
 * @see docs/physics.md, “The picture to expect”
 */
final readonly class Surface
{
    /** m from place to place at which straight light is known, and the fewest and most of them along a side. */
    private const FINE = [0.8, 9, 25];

    /** The same for light by way of the room, which is smoother. */
    private const COARSE = [2.0, 4, 10];

    /** m that a place keeps from where surfaces meet. */
    private const INSET = 0.03;

    private function __construct(
        public Face $face,
        /** A corner, and from it the two sides, m. */
        public Vector $corner,
        public Vector $along,
        public Vector $across,
        /** Into the room. */
        private Direction $normal,
    ) {}

    /** @return list<self> */
    public static function all(BoxRoom $room): array
    {
        $top = $room->roof->ridge ?? $room->height;
        $all = $room->roof === null ? [] : self::slopes($room, $top);
        foreach (Face::cases() as $face) {
            if ($face === Face::Ceiling && $room->roof !== null) {
                continue;
            }
            $extents = [$room->length, $room->width, $top];
            $sides = array_map(static function (int $axis) use ($extents): Vector {
                $side = [0.0, 0.0, 0.0];
                $side[$axis] = $extents[$axis];

                return Vector::of(...$side);
            }, $face->sides());
            $corner = [0.0, 0.0, 0.0];
            $corner[$face->axis()] = $face->isUpper() ? $extents[$face->axis()] : 0.0;
            $all[] = new self($face, Vector::of(...$corner), $sides[0], $sides[1], $face->inward());
        }

        return $all;
    }

    /** Whether any of it lies before a camera. */
    public function isBefore(Camera $camera): bool
    {
        foreach ([0.0, 1.0] as $u) {
            foreach ([0.0, 1.0] as $v) {
                if ($camera->depthOf($this->placeAt($u, $v)) > 0.0) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param float $u share of the first side, 0 to 1, and so $v of the second */
    public function placeAt(float $u, float $v): Vector
    {
        return $this->corner->plus($this->along->times($u))->plus($this->across->times($v));
    }

    /** How many places of light() lie along the first side. */
    public function columns(): int
    {
        return self::places($this->along, self::FINE);
    }

    /** The same along the second. */
    public function rows(): int
    {
        return self::places($this->across, self::FINE);
    }

    /**
     * Luminous exposure of a full pop, lx·s, row by row along the second side.
     *
     * @return list<Rgb> columns() times rows()
     */
    public function light(BoxRoom $room, LitSurfaces $lit): array
    {
        [$columns, $rows] = [self::places($this->along, self::COARSE), self::places($this->across, self::COARSE)];
        $coarse = [];
        for ($row = 0; $row < $rows; ++$row) {
            for ($column = 0; $column < $columns; ++$column) {
                $coarse[$row][] = $lit->reflected($this->probe($room, $column / ($columns - 1), $row / ($rows - 1)));
            }
        }
        [$fineColumns, $fineRows] = [$this->columns(), $this->rows()];
        $fine = [];
        for ($row = 0; $row < $fineRows; ++$row) {
            for ($column = 0; $column < $fineColumns; ++$column) {
                [$u, $v] = [$column / ($fineColumns - 1), $row / ($fineRows - 1)];
                $fine[] = self::between($coarse, $u * ($columns - 1), $v * ($rows - 1))->plus($lit->straight($this->probe($room, $u, $v)));
            }
        }

        return $fine;
    }

    /** @param array{float, int, int} $spacing */
    private static function places(Vector $side, array $spacing): int
    {
        return max($spacing[1], min($spacing[2], (int) ceil($side->length() / $spacing[0]) + 1));
    }

    private function probe(BoxRoom $room, float $u, float $v): Probe
    {
        $within = static fn(float $share, Vector $side): float => max(self::INSET / $side->length(), min(1.0 - self::INSET / $side->length(), $share));
        $place = $this->placeAt($within($u, $this->along), $within($v, $this->across));

        // A gable is drawn up to the ridge; what lies over its slopes is never seen.
        return Probe::at(Vector::of($place->x, $place->y, min($place->z, $room->ceilingOver($place->x, $place->y))), $this->normal);
    }

    /**
     * Straight between the four places about one.
     *
     * @param array<int, list<Rgb>> $grid
     */
    private static function between(array $grid, float $x, float $y): Rgb
    {
        [$column, $row] = [min(count($grid[0]) - 2, (int) $x), min(count($grid) - 2, (int) $y)];
        [$x, $y] = [$x - $column, $y - $row];

        return $grid[$row][$column]->times((1.0 - $x) * (1.0 - $y))
            ->plus($grid[$row][$column + 1]->times($x * (1.0 - $y)))
            ->plus($grid[$row + 1][$column]->times((1.0 - $x) * $y))
            ->plus($grid[$row + 1][$column + 1]->times($x * $y));
    }

    /** @return list<self> */
    private static function slopes(BoxRoom $room, float $ridge): array
    {
        [$length, $width, $eaves] = [$room->length, $room->width, $room->height];
        $isAlong = $room->roof?->way === RidgeWay::Along;
        $rise = $isAlong ? Vector::of(0.0, $width / 2.0, $ridge - $eaves) : Vector::of($length / 2.0, 0.0, $ridge - $eaves);
        $fall = Vector::of(-$rise->x, -$rise->y, $rise->z);
        $side = $isAlong ? Vector::of($length, 0.0, 0.0) : Vector::of(0.0, $width, 0.0);
        $far = $isAlong ? Vector::of(0.0, $width, $eaves) : Vector::of($length, 0.0, $eaves);
        $down = static function (Vector $slope) use ($side): Direction {
            $normal = $side->cross($slope);

            return Direction::along($normal->times($normal->z > 0.0 ? -1.0 : 1.0));
        };

        return [
            new self(Face::Ceiling, Vector::of(0.0, 0.0, $eaves), $side, $rise, $down($rise)),
            new self(Face::Ceiling, $far, $side, $fall, $down($fall)),
        ];
    }
}
