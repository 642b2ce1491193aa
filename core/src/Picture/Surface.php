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
    private const FINE = [0.35, 11, 31];

    /** The same for light by way of the room, which is smoother. */
    private const COARSE = [1.6, 6, 9];

    /** Rays from the middle of a picture to each edge that look for surfaces, and by how much more than those meet a surface is told. */
    private const RAYS = 12;
    private const MORE = 0.1;

    /** m that a place keeps from where surfaces meet. */
    private const INSET = 0.03;

    private function __construct(
        public Face $face,
        /** A corner, and from it the two sides, m. */
        public Vector $corner,
        public Vector $along,
        public Vector $across,
        /** Into the room. */
        public Direction $normal,
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

    /**
     * What of each a camera sees, so that places lie close where it looks; a sliver that no ray met stays whole.
     *
     * @return list<self>
     */
    public static function seenBy(Camera $camera, BoxRoom $room): array
    {
        $all = array_values(array_filter(self::all($room), static fn(self $s): bool => $s->isBefore($camera)));
        $seen = array_fill(0, count($all), null);
        for ($row = -self::RAYS; $row <= self::RAYS; ++$row) {
            for ($column = -self::RAYS; $column <= self::RAYS; ++$column) {
                $way = $camera->wayTo($column / self::RAYS, $row / self::RAYS);
                [$reach, $hit] = [INF, null];
                foreach ($all as $i => $surface) {
                    $away = $surface->reach($camera->at, $way);
                    if ($away !== null && $away < $reach) {
                        [$reach, $hit] = [$away, $i];
                    }
                }
                if ($hit !== null) {
                    [$u, $v] = $all[$hit]->sharesOf($camera->at->plus($way->times($reach)));
                    $box = $seen[$hit] ?? [$u, $u, $v, $v];
                    $seen[$hit] = [min($box[0], $u), max($box[1], $u), min($box[2], $v), max($box[3], $v)];
                }
            }
        }

        return array_map(static fn(self $s, ?array $box): self => $box === null ? $s : $s->part(...$box), $all, $seen);
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

    /**
     * How often the way fits between an eye and the plane that it lies in; null where they never meet.
     *
     * @param Vector $way not 0
     */
    public function reach(Vector $eye, Vector $way): ?float
    {
        $steep = $way->dot($this->normal->unit);
        $reach = abs($steep) < 1e-9 ? 0.0 : $this->corner->minus($eye)->dot($this->normal->unit) / $steep;

        return $reach > 1e-6 ? $reach : null;
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
     * @return list<Rgb> columns() times rows(); empty where nothing is sent back
     */
    public function light(BoxRoom $room, LitSurfaces $lit): array
    {
        if ($room->reflectance($this->face)->share->luminance() <= 0.0) {
            return [];
        }
        [$columns, $rows] = [self::places($this->along, self::COARSE), self::places($this->across, self::COARSE)];
        $coarse = [];
        for ($row = 0; $row < $rows; ++$row) {
            for ($column = 0; $column < $columns; ++$column) {
                $light = $lit->reflected($this->probe($room, self::shareAt($column, $columns), self::shareAt($row, $rows)));
                $coarse[$row][] = [$light->r, $light->g, $light->b];
            }
        }
        [$fineColumns, $fineRows] = [$this->columns(), $this->rows()];
        $between = self::curves($columns, $fineColumns);
        $fine = [];
        foreach (self::curves($rows, $fineRows) as $row => $curve) {
            $line = [];
            for ($column = 0; $column < $columns; ++$column) {
                $line[] = self::curved($curve, array_column($coarse, $column));
            }
            foreach ($between as $column => $over) {
                [$r, $g, $b] = self::curved($over, $line);
                $fine[] = Rgb::of(max(0.0, $r), max(0.0, $g), max(0.0, $b))
                    ->plus($lit->straight($this->probe($room, $column / ($fineColumns - 1), $row / ($fineRows - 1))));
            }
        }

        return $fine;
    }

    /** @return array{float, float} shares of both sides, 0 to 1 */
    private function sharesOf(Vector $place): array
    {
        $from = $place->minus($this->corner);
        $share = static fn(Vector $side): float => max(0.0, min(1.0, $from->dot($side) / $side->dot($side)));

        return [$share($this->along), $share($this->across)];
    }

    /** From share to share of both sides, and a little more. */
    private function part(float $fromU, float $toU, float $fromV, float $toV): self
    {
        $wider = static function (float $from, float $to): array {
            $more = self::MORE * ($to - $from) + 1e-3;

            return [max(0.0, $from - $more), min(1.0, $to + $more)];
        };
        [$fromU, $toU] = $wider($fromU, $toU);
        [$fromV, $toV] = $wider($fromV, $toV);

        return new self($this->face, $this->placeAt($fromU, $fromV), $this->along->times($toU - $fromU), $this->across->times($toV - $fromV), $this->normal);
    }

    /** @param array{float, int, int} $spacing */
    private static function places(Vector $side, array $spacing): int
    {
        return max($spacing[1], min($spacing[2], (int) ceil($side->length() / $spacing[0]) + 1));
    }

    /** A place of it, kept from where surfaces meet; of a gable, which is drawn up to the ridge, what lies over the slopes is never seen. */
    private function probe(BoxRoom $room, float $u, float $v): Probe
    {
        [$corner, $along, $across] = [$this->corner, $this->along, $this->across];
        $x = $corner->x + $u * $along->x + $v * $across->x;
        $y = $corner->y + $u * $along->y + $v * $across->y;
        $z = $corner->z + $u * $along->z + $v * $across->z;
        $axis = $this->face->axis();
        if ($axis !== 0) {
            $x = max(self::INSET, min($room->length - self::INSET, $x));
        }
        if ($axis !== 1) {
            $y = max(self::INSET, min($room->width - self::INSET, $y));
        }
        if ($this->face !== Face::Floor) {
            $top = $room->ceilingOver($x, $y);
            $z = $this->face === Face::Ceiling ? $top : max(self::INSET, min($top - self::INSET, $z));
        }

        return Probe::at(Vector::of($x, $y, $z), $this->normal);
    }

    /** Of a side, for one of few places along it: they lie closer towards its ends, where light changes most (Chebyshev). */
    private static function shareAt(int $place, int $few): float
    {
        return (1.0 - cos(M_PI * $place / ($few - 1))) / 2.0;
    }

    /**
     * Where each of many places lies among few: the four that its curve runs through, and their weights (Catmull and Rom 1974).
     *
     * @return list<array{array{int, int, int, int}, array{float, float, float, float}}>
     */
    private static function curves(int $few, int $many): array
    {
        $curves = [];
        for ($i = 0; $i < $many; ++$i) {
            $place = ($few - 1) * acos(1.0 - 2.0 * $i / ($many - 1)) / M_PI;
            $at = min($few - 2, (int) $place);
            $curves[] = [[max(0, $at - 1), $at, $at + 1, min($few - 1, $at + 2)], self::weights($place - $at)];
        }

        return $curves;
    }

    /**
     * @param array{array{int, int, int, int}, array{float, float, float, float}} $curve
     * @param list<array{float, float, float}> $line
     *
     * @return array{float, float, float}
     */
    private static function curved(array $curve, array $line): array
    {
        [[$p, $q, $r, $s], [$a, $b, $c, $d]] = $curve;
        [$p, $q, $r, $s] = [$line[$p], $line[$q], $line[$r], $line[$s]];

        return [
            $a * $p[0] + $b * $q[0] + $c * $r[0] + $d * $s[0],
            $a * $p[1] + $b * $q[1] + $c * $r[1] + $d * $s[1],
            $a * $p[2] + $b * $q[2] + $c * $r[2] + $d * $s[2],
        ];
    }

    /**
     * Of the place before, the two that lie about it, and the one after.
     *
     * @param float $t 0 at the second, 1 at the third
     *
     * @return array{float, float, float, float}
     */
    private static function weights(float $t): array
    {
        return [
            ((2.0 - $t) * $t - 1.0) * $t / 2.0,
            ((3.0 * $t - 5.0) * $t * $t + 2.0) / 2.0,
            ((4.0 - 3.0 * $t) * $t + 1.0) * $t / 2.0,
            ($t - 1.0) * $t * $t / 2.0,
        ];
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
