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
    /** Distance in radii beyond which a rectangle counts as small: within two per cent of what little it sends. */
    private const FAR = 7.0;

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
     * Form factor to a rectangle, with the part below the probe's horizon cut off.
     *
     * Lambert's edge formula: F = 1/2π · |Σ angle(edge) · n·Γ(edge)|; for what is
     * small from here cos·cos·A/(π·d²) does as well.
     */
    public function formFactorTo(Patch $patch): float
    {
        [$mx, $my, $mz] = $patch->middle;
        $dx = $mx - $this->point->x;
        $dy = $my - $this->point->y;
        $dz = $mz - $this->point->z;
        $normal = $this->normal->unit;
        $height = $dx * $normal->x + $dy * $normal->y + $dz * $normal->z;
        $squared = $dx * $dx + $dy * $dy + $dz * $dz;
        $radius = $patch->radius;
        if ($height <= -$radius) {
            return 0.0;
        }
        if ($height < $radius || $squared < self::FAR ** 2 * $radius ** 2) {
            return $this->edgeSum($this->aboveHorizon($patch));
        }
        $leaving = abs(match ($patch->axis) {
            0 => $dx,
            1 => $dy,
            default => $dz,
        });

        return $height * $leaving * $patch->area / (M_PI * $squared * $squared);
    }

    /**
     * Corners of the visible part relative to the probe.
     *
     * @return list<array{float, float, float}>
     */
    private function aboveHorizon(Patch $patch): array
    {
        $normal = $this->normal->unit;
        $corners = $heights = [];
        foreach ($patch->corners() as [$x, $y, $z]) {
            $corners[] = $corner = [$x - $this->point->x, $y - $this->point->y, $z - $this->point->z];
            $heights[] = $corner[0] * $normal->x + $corner[1] * $normal->y + $corner[2] * $normal->z;
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
