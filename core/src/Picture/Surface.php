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
    /** m: what is thinner is not seen. */
    private const SLIVER = 1e-3;

    /** m by which what is seen goes on in steps, so that a camera that tilts a little sees the same piece. */
    private const STEP = 0.6;

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
     * What of each a camera sees, so that places lie close where it looks; what it does not see is left out.
     *
     * @return list<self>
     */
    public static function seenBy(Camera $camera, BoxRoom $room): array
    {
        return array_values(array_filter(array_map(static fn(self $s): ?self => $s->seen($camera), self::all($room))));
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

    /** The rectangle about what lies in a picture; null for nothing. */
    private function seen(Camera $camera): ?self
    {
        $corners = [[0.0, 0.0], [1.0, 0.0], [1.0, 1.0], [0.0, 1.0]];
        foreach ($camera->edges() as $inwards) {
            $corners = $this->cut($corners, $camera->at, $inwards);
        }
        if ($corners === []) {
            return null;
        }
        [$us, $vs] = [array_column($corners, 0), array_column($corners, 1)];
        if (min((max($us) - min($us)) * $this->along->length(), (max($vs) - min($vs)) * $this->across->length()) < self::SLIVER) {
            return null;
        }
        [[$left, $right], [$low, $high]] = [self::inSteps($us, $this->along), self::inSteps($vs, $this->across)];

        return new self($this->face, $this->placeAt($left, $low), $this->along->times($right - $left), $this->across->times($high - $low), $this->normal);
    }

    /**
     * @param non-empty-list<float> $shares of a side
     *
     * @return array{float, float} the least and the largest, a step outwards at the most
     */
    private static function inSteps(array $shares, Vector $side): array
    {
        $step = self::STEP / $side->length();

        return [max(0.0, $step * floor(min($shares) / $step + 1e-9)), min(1.0, $step * ceil(max($shares) / $step - 1e-9))];
    }

    /**
     * What is left on one side of a plane (Sutherland and Hodgman 1974).
     *
     * @param list<array{float, float}> $corners shares of both sides
     *
     * @return list<array{float, float}>
     */
    private function cut(array $corners, Vector $plane, Vector $inwards): array
    {
        $inside = array_map(fn(array $c): float => $this->placeAt(...$c)->minus($plane)->dot($inwards), $corners);
        $left = [];
        foreach ($corners as $i => $corner) {
            $next = ($i + 1) % count($corners);
            if ($inside[$i] > 0.0) {
                $left[] = $corner;
            }
            if (($inside[$i] > 0.0) !== ($inside[$next] > 0.0)) {
                $share = $inside[$i] / ($inside[$i] - $inside[$next]);
                $left[] = [$corner[0] + $share * ($corners[$next][0] - $corner[0]), $corner[1] + $share * ($corners[$next][1] - $corner[1])];
            }
        }

        return $left;
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
