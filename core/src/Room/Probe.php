<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * A small matt surface that asks how much light reaches it.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Probe
{
    /** m above the horizon below which a rectangle counts as lying in the probe's own plane. */
    private const FLAT = 1e-9;

    private function __construct(
        public Vector $point,
        /** The side that counts. */
        public Direction $normal,
    ) {}

    public static function at(Vector $point, Direction $normal): self
    {
        return new self($point, $normal);
    }

    /**
     * Of a point above the horizon, m; below it less than 0.
     *
     * @param array{float, float, float} $point by axis
     */
    public function heightOf(array $point): float
    {
        $normal = $this->normal->unit;

        return ($point[0] - $this->point->x) * $normal->x + ($point[1] - $this->point->y) * $normal->y + ($point[2] - $this->point->z) * $normal->z;
    }

    /**
     * Form factor to a rectangle, with the part below the probe's horizon cut off, by
     * Lambert's edge formula: F = 1/2π · |Σ angle(edge) · n·Γ(edge)|.
     */
    public function formFactorTo(Patch $patch): float
    {
        return $this->edgeSum($this->aboveHorizon($patch));
    }

    /**
     * Corners of the visible part relative to the probe.
     *
     * @return list<array{float, float, float}>
     */
    private function aboveHorizon(Patch $patch): array
    {
        $corners = $heights = [];
        foreach ($patch->corners() as $corner) {
            $corners[] = [$corner[0] - $this->point->x, $corner[1] - $this->point->y, $corner[2] - $this->point->z];
            $heights[] = $this->heightOf($corner);
        }
        if (max($heights) <= self::FLAT) {
            return [];
        }
        $kept = [];
        foreach ($corners as $i => $corner) {
            $j = ($i + 1) % 4;
            if ($heights[$i] >= 0.0) {
                $kept[] = $corner;
            }
            if (($heights[$i] >= 0.0) !== ($heights[$j] >= 0.0)) {
                $kept[] = self::between($corner, $corners[$j], $heights[$i] / ($heights[$i] - $heights[$j]));
            }
        }

        return $kept;
    }

    /**
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     *
     * @return array{float, float, float}
     */
    private static function between(array $a, array $b, float $share): array
    {
        return [
            $a[0] + $share * ($b[0] - $a[0]),
            $a[1] + $share * ($b[1] - $a[1]),
            $a[2] + $share * ($b[2] - $a[2]),
        ];
    }

    /** @param list<array{float, float, float}> $corners */
    private function edgeSum(array $corners): float
    {
        $normal = $this->normal->unit;
        $count = count($corners);
        $sum = 0.0;
        foreach ($corners as $i => [$ax, $ay, $az]) {
            [$bx, $by, $bz] = $corners[($i + 1) % $count];
            $x = $ay * $bz - $az * $by;
            $y = $az * $bx - $ax * $bz;
            $z = $ax * $by - $ay * $bx;
            $sine = sqrt($x * $x + $y * $y + $z * $z);
            if ($sine > 1e-12) {
                $angle = atan2($sine, $ax * $bx + $ay * $by + $az * $bz);
                $sum += $angle * ($x * $normal->x + $y * $normal->y + $z * $normal->z) / $sine;
            }
        }

        return abs($sum) / (2.0 * M_PI);
    }
}
