<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

use Kaddle\Core\Flash\LitSurfaces;
use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;

/**
 * The light of the flash all over a surface, at places so close that straight lines lead from one to the next.
 *
 * @see docs/physics.md, “The picture to expect”
 */
final readonly class SurfaceLight
{
    /** m from place to place at which straight light is known, and the fewest and most of them along a side. */
    private const FINE = [0.35, 11, 31];

    /** The same for light by way of the room, which is smoother. */
    private const COARSE = [1.2, 6, 9];

    /** m that a place keeps from where surfaces meet. */
    private const INSET = 0.03;

    /** @param list<Rgb> $flash */
    private function __construct(
        /** How many places lie along the first side. */
        public int $columns,
        /** The same along the second. */
        public int $rows,
        /** Luminous exposure of a full pop there, lx·s, row by row along the second side; empty for a flash that is off, and where nothing is sent back. */
        public array $flash,
    ) {}

    /** @param LitSurfaces|null $lit null for a flash that is off */
    public static function on(Surface $surface, BoxRoom $room, ?LitSurfaces $lit, ?KnownSurfaces $known = null): self
    {
        [$columns, $rows] = [self::places($surface->along, self::FINE), self::places($surface->across, self::FINE)];
        $isBlack = $room->reflectance($surface->face)->share->luminance() <= 0.0;

        return new self($columns, $rows, $lit === null || $isBlack ? [] : self::flash($surface, $room, $lit, $known, $columns, $rows));
    }

    /** @return list<Rgb> */
    private static function flash(Surface $surface, BoxRoom $room, LitSurfaces $lit, ?KnownSurfaces $known, int $columns, int $rows): array
    {
        $work = static fn(): array => self::reflected($surface, $room, $lit);
        $coarse = $known === null ? $work() : $known->recall(hash('sha256', serialize([$room, $lit->heads, $surface])), $work);
        $between = self::curves(count($coarse[0]), $columns);
        $fine = [];
        foreach (self::curves(count($coarse), $rows) as $row => $curve) {
            $line = [];
            foreach (array_keys($coarse[0]) as $column) {
                $line[] = self::curved($curve, array_column($coarse, $column));
            }
            foreach ($between as $column => $over) {
                [$r, $g, $b] = self::curved($over, $line);
                $fine[] = Rgb::of(max(0.0, $r), max(0.0, $g), max(0.0, $b))
                    ->plus($lit->straight(self::probe($surface, $room, $column / ($columns - 1), $row / ($rows - 1))));
            }
        }

        return $fine;
    }

    /** @return non-empty-list<non-empty-list<array{float, float, float}>> by way of the room, at few places: by row and column */
    private static function reflected(Surface $surface, BoxRoom $room, LitSurfaces $lit): array
    {
        [$columns, $rows] = [self::places($surface->along, self::COARSE), self::places($surface->across, self::COARSE)];

        return array_map(static fn(int $row): array => array_map(static function (int $column) use ($surface, $room, $lit, $row, $columns, $rows): array {
            $light = $lit->reflected(self::probe($surface, $room, self::shareAt($column, $columns), self::shareAt($row, $rows)));

            return [$light->r, $light->g, $light->b];
        }, range(0, $columns - 1)), range(0, $rows - 1));
    }

    /** @param array{float, int, int} $spacing */
    private static function places(Vector $side, array $spacing): int
    {
        return max($spacing[1], min($spacing[2], (int) ceil($side->length() / $spacing[0]) + 1));
    }

    /** A place of a surface, kept from where surfaces meet; of a gable, which is drawn up to the ridge, what lies over the slopes is never seen. */
    private static function probe(Surface $surface, BoxRoom $room, float $u, float $v): Probe
    {
        [$corner, $along, $across] = [$surface->corner, $surface->along, $surface->across];
        $x = $corner->x + $u * $along->x + $v * $across->x;
        $y = $corner->y + $u * $along->y + $v * $across->y;
        $z = $corner->z + $u * $along->z + $v * $across->z;
        $axis = $surface->face->axis();
        if ($axis !== 0) {
            $x = max(self::INSET, min($room->length - self::INSET, $x));
        }
        if ($axis !== 1) {
            $y = max(self::INSET, min($room->width - self::INSET, $y));
        }
        if ($surface->face !== Face::Floor) {
            $top = $room->ceilingOver($x, $y);
            $z = $surface->face === Face::Ceiling ? $top : max(self::INSET, min($top - self::INSET, $z));
        }

        return Probe::at(Vector::of($x, $y, $z), $surface->normal);
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
}
