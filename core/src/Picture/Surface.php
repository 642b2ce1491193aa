<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\RidgeWay;
use Kaddle\Core\Room\Vector;

/**
 * A plane piece of a room: a face, or one slope of its ceiling.
 *
 * @see docs/physics.md, “The picture to expect”
 */
final readonly class Surface
{
    /** Rays from the middle of a picture to each edge that look for surfaces, and by how much more than those meet a surface is told. */
    private const RAYS = 12;
    private const MORE = 0.1;

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
