<?php

declare(strict_types=1);

namespace Kaddle\Core\Radiosity;

use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;

/**
 * Form factor from a probe to a rectangle, with the part below the probe's horizon cut off, by
 * Lambert's edge formula: F = 1/2π · |Σ angle(edge) · n·Γ(edge)|.
 *
 * @see docs/physics.md, “Later reflections”
 *
 * @phpstan-all-methods-pure
 */
final class FormFactor
{
    /** m above the horizon below which a rectangle counts as lying in the probe's own plane. */
    private const FLAT = 1e-9;

    private function __construct() {}

    /** @return float 0 to 1 */
    public static function between(Probe $probe, Patch $patch): float
    {
        $axis = $patch->face->axis();
        if (abs($probe->point->byAxis()[$axis] - $patch->middle()[$axis]) < self::FLAT) {
            return 0.0; // nothing of a plane is seen from within it
        }

        return self::edgeSum($probe->normal->unit, self::aboveHorizon($probe, $patch));
    }

    /**
     * Corners of the visible part relative to the probe.
     *
     * @return list<array{float, float, float}>
     */
    private static function aboveHorizon(Probe $probe, Patch $patch): array
    {
        $corners = $heights = [];
        foreach ($patch->corners() as $corner) {
            $corners[] = [$corner[0] - $probe->point->x, $corner[1] - $probe->point->y, $corner[2] - $probe->point->z];
            $heights[] = $probe->heightOf($corner);
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
                $kept[] = self::along($corner, $corners[$j], $heights[$i] / ($heights[$i] - $heights[$j]));
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
    private static function along(array $a, array $b, float $share): array
    {
        return [
            $a[0] + $share * ($b[0] - $a[0]),
            $a[1] + $share * ($b[1] - $a[1]),
            $a[2] + $share * ($b[2] - $a[2]),
        ];
    }

    /** @param list<array{float, float, float}> $corners */
    private static function edgeSum(Vector $normal, array $corners): float
    {
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
