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
     * Form factor to a rectangle, with the part below the probe's horizon cut off.
     *
     * Lambert's edge formula: F = 1/2π · |Σ angle(edge) · n·Γ(edge)|.
     */
    public function formFactorTo(Patch $patch): float
    {
        $corners = $this->aboveHorizon($patch);
        $sum = 0.0;
        $count = count($corners);
        for ($i = 0; $i < $count; ++$i) {
            $sum += $this->edge($corners[$i], $corners[($i + 1) % $count]);
        }

        return abs($sum) / (2.0 * M_PI);
    }

    /** @return list<Vector> corners relative to the probe */
    private function aboveHorizon(Patch $patch): array
    {
        $corners = $heights = [];
        foreach ($patch->corners() as $corner) {
            $corners[] = $way = Vector::of(...$corner)->minus($this->point);
            $heights[] = $way->dot($this->normal->unit);
        }
        if (max($heights) <= self::FLAT) {
            return [];
        }
        if (min($heights) >= 0.0) {
            return $corners;
        }
        $kept = [];
        foreach ($corners as $i => $corner) {
            $j = ($i + 1) % 4;
            if ($heights[$i] > 0.0) {
                $kept[] = $corner;
            }
            if (($heights[$i] > 0.0) !== ($heights[$j] > 0.0)) {
                $kept[] = $corner->plus($corners[$j]->minus($corner)->times($heights[$i] / ($heights[$i] - $heights[$j])));
            }
        }

        return $kept;
    }

    private function edge(Vector $a, Vector $b): float
    {
        $cross = $a->cross($b);
        $sine = $cross->length();

        return $sine < 1e-12 ? 0.0 : atan2($sine, $a->dot($b)) * $this->normal->unit->dot($cross) / $sine;
    }
}
