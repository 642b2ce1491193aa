<?php

declare(strict_types=1);

namespace Kaddle\Core\Radiosity;

use Kaddle\Core\Room\Face;

/**
 * A face of a room cut evenly into rectangles: what a small matt element sees of each.
 *
 * The form factor from an element with normal n to a rectangle on a plane at distance h is a sum
 * with sign over its corners of
 *
 *   (f·u − h·nᵤ)·atan(v/p)/(2πp) + (f·v − h·nᵥ)·atan(u/q)/(2πq),  p² = h² + u², q² = h² + v²
 *
 * where u and v lead from the foot of the element to the corner along the sides of the face, and
 * f is the cosine between n and the way to the plane. For n straight at the plane and n along it
 * these are B-3 and B-4 of Howell, "A Catalog of Radiation Heat Transfer Configuration Factors";
 * what lies between is their sum weighted with the components of n. Neighbours share corners, so a
 * whole face costs little more than a few rectangles would.
 *
 * @phpstan-all-methods-pure
 */
final readonly class FaceGrid
{
    /** m from its plane below which an element counts as lying in it, and sees nothing of it. */
    private const FLAT = 1e-9;

    /**
     * @param int<0, 2> $axis
     * @param array{int<0, 2>, int<0, 2>} $sides
     * @param list<float> $linesU
     * @param list<float> $linesV
     */
    private function __construct(
        /** The axis at right angles to it. */
        private int $axis,
        /** Its place on that axis, m. */
        private float $at,
        /** The two axes that span it, ascending. */
        private array $sides,
        /** Where it is cut along the first of them, both ends included, m. */
        private array $linesU,
        /** The same along the second. */
        private array $linesV,
    ) {}

    /**
     * @param array{float, float, float} $extents of the room, m
     * @param array{int, int, int} $cuts of the room along each axis
     */
    public static function of(Face $face, array $extents, array $cuts): self
    {
        $sides = $face->sides();
        [$u, $v] = $sides;
        $lines = static fn(int $axis): array => array_map(
            static fn(int $line): float => $line * $extents[$axis] / $cuts[$axis],
            range(0, $cuts[$axis]),
        );

        return new self(
            $face->axis(),
            $face->isUpper() ? $extents[$face->axis()] : 0.0,
            $sides,
            $lines($u),
            $lines($v),
        );
    }

    /**
     * Form factors of an element to the rectangles, those of one step along the first side together.
     * Right for what lies above the element's horizon; the rest must be cut off by the caller.
     *
     * @param array{float, float, float} $eye where the element is, by axis, m
     * @param array{float, float, float} $normal its side that counts, by axis, of length 1
     *
     * @return list<float>
     */
    public function seenFrom(array $eye, array $normal): array
    {
        [$sideU, $sideV] = $this->sides;
        $away = $this->at - $eye[$this->axis];
        $gap = abs($away);
        if ($gap < self::FLAT) {
            return array_fill(0, (count($this->linesU) - 1) * (count($this->linesV) - 1), 0.0);
        }
        $facing = $away > 0.0 ? $normal[$this->axis] : -$normal[$this->axis];
        $tiltU = $gap * $normal[$sideU];
        $tiltV = $gap * $normal[$sideV];
        $vs = $qs = $before = $factors = [];
        foreach ($this->linesV as $line) {
            $vs[] = $v = $line - $eye[$sideV];
            $qs[] = sqrt($gap * $gap + $v * $v);
            $before[] = 0.0;
        }
        foreach ($this->linesU as $i => $line) {
            $u = $line - $eye[$sideU];
            $p = sqrt($gap * $gap + $u * $u);
            $weight = ($facing * $u - $tiltU) / $p;
            $last = 0.0;
            foreach ($vs as $j => $v) {
                $q = $qs[$j];
                $other = $facing * $v - $tiltV;
                // To an element at right angles one of both terms is nothing, and its angle need not be known.
                $corner = ($weight === 0.0 ? 0.0 : $weight * atan($v / $p)) + ($other === 0.0 ? 0.0 : $other * atan($u / $q) / $q);
                $edge = $corner - $before[$j];
                if ($i > 0 && $j > 0) {
                    $factors[] = ($edge - $last) / (2.0 * M_PI);
                }
                $last = $edge;
                $before[$j] = $corner;
            }
        }

        return $factors;
    }

    /**
     * Whether no part of the face lies below an element's horizon.
     *
     * @param array{float, float, float} $eye m
     * @param array{float, float, float} $normal of length 1
     */
    public function isAbove(array $eye, array $normal): bool
    {
        [$u, $v] = $this->sides;
        $lowest = ($this->at - $eye[$this->axis]) * $normal[$this->axis];
        foreach ([[$u, $this->linesU], [$v, $this->linesV]] as [$side, $lines]) {
            $lowest += min(($lines[0] - $eye[$side]) * $normal[$side], ($lines[count($lines) - 1] - $eye[$side]) * $normal[$side]);
        }

        return $lowest >= -self::FLAT;
    }

    /**
     * How high the middles of the rectangles lie above an element's horizon; less than 0 below it.
     *
     * @param array{float, float, float} $eye m
     * @param array{float, float, float} $normal of length 1
     *
     * @return list<float> m, in the order of seenFrom()
     */
    public function heights(array $eye, array $normal): array
    {
        [$sideU, $sideV] = $this->sides;
        $stepU = ($this->linesU[1] - $this->linesU[0]) * $normal[$sideU];
        $stepV = ($this->linesV[1] - $this->linesV[0]) * $normal[$sideV];
        $first = ($this->at - $eye[$this->axis]) * $normal[$this->axis]
            + ($this->linesU[0] - $eye[$sideU]) * $normal[$sideU]
            + ($this->linesV[0] - $eye[$sideV]) * $normal[$sideV];
        [$cutsU, $cutsV] = [count($this->linesU) - 1, count($this->linesV) - 1];
        $heights = [];
        for ($i = 0; $i < $cutsU; ++$i) {
            for ($j = 0; $j < $cutsV; ++$j) {
                $heights[] = $first + ($i + 0.5) * $stepU + ($j + 0.5) * $stepV;
            }
        }

        return $heights;
    }

    /**
     * How far the corners of a rectangle lie above or below its middle for an element, less a hair: one whose edge only
     * touches the horizon is not cut by it.
     *
     * @param array{float, float, float} $normal of the element, by axis, of length 1
     *
     * @return float m
     */
    public function spread(array $normal): float
    {
        [$u, $v] = $this->sides;

        return (abs($normal[$u]) * ($this->linesU[1] - $this->linesU[0]) + abs($normal[$v]) * ($this->linesV[1] - $this->linesV[0])) / 2.0 - self::FLAT;
    }
}
