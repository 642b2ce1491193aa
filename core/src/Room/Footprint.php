<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * Where rays end on one plane surface of a room: a face, or one slope of its ceiling.
 *
 * Bare lists of numbers, m, instead of points: a beam makes hundreds of these, and every
 * probe asks all of them.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Footprint
{
    /**
     * @internal made by BoxRoom::footprints() only
     *
     * @param non-empty-list<float> $x
     * @param non-empty-list<float> $y as many as of $x
     * @param non-empty-list<float> $z as many as of $x
     * @param non-empty-list<float> $radii as many: square of the radius of the disc for which each stands, m²
     */
    public function __construct(
        public Face $face,
        /** Into the room, of length 1. */
        private Vector $normal,
        public array $x,
        public array $y,
        public array $z,
        private array $radii,
    ) {}

    /**
     * How much of the light that leaves here (Lambert, the same from every point) arrives at
     * a probe, lx per lm: Σ cos(leaving)·cos(arriving)/(π·d²). A ray does not shine like a point: within the radius of its
     * disc it is as bright as at that.
     */
    public function seenBy(Probe $probe): float
    {
        $height = $this->heightOf($probe->point);
        if ($height <= 0.0) {
            return 0.0;
        }
        [$px, $py, $pz] = [$probe->point->x, $probe->point->y, $probe->point->z];
        [$nx, $ny, $nz] = [$probe->normal->unit->x, $probe->normal->unit->y, $probe->normal->unit->z];
        $y = $this->y;
        $z = $this->z;
        $radii = $this->radii;
        $sum = 0.0;
        foreach ($this->x as $i => $x) {
            $dx = $x - $px;
            $dy = $y[$i] - $py;
            $dz = $z[$i] - $pz;
            $arriving = $dx * $nx + $dy * $ny + $dz * $nz;
            if ($arriving > 0.0) {
                $squared = $dx * $dx + $dy * $dy + $dz * $dz;
                $radius = $radii[$i];
                $sum += $arriving / ($squared * ($squared > $radius ? $squared : $radius));
            }
        }

        return $sum * $height / M_PI;
    }

    /** Directions from a probe to the points, each as long as its light is strong there, as in seenBy(). */
    public function directionsFrom(Probe $probe): Vector
    {
        $height = $this->heightOf($probe->point);
        $sx = $sy = $sz = 0.0;
        if ($height > 0.0) {
            [$px, $py, $pz] = [$probe->point->x, $probe->point->y, $probe->point->z];
            [$nx, $ny, $nz] = [$probe->normal->unit->x, $probe->normal->unit->y, $probe->normal->unit->z];
            $y = $this->y;
            $z = $this->z;
            $radii = $this->radii;
            foreach ($this->x as $i => $x) {
                $dx = $x - $px;
                $dy = $y[$i] - $py;
                $dz = $z[$i] - $pz;
                $arriving = $dx * $nx + $dy * $ny + $dz * $nz;
                if ($arriving > 0.0) {
                    $squared = $dx * $dx + $dy * $dy + $dz * $dz;
                    $radius = $radii[$i];
                    $weight = $arriving / ($squared * ($squared > $radius ? $squared : $radius) * sqrt($squared));
                    $sx += $weight * $dx;
                    $sy += $weight * $dy;
                    $sz += $weight * $dz;
                }
            }
        }

        return Vector::of($sx, $sy, $sz)->times($height / M_PI);
    }

    /** Of a point in front of the surface, m; the same seen from all of it, for it is plane. */
    private function heightOf(Vector $point): float
    {
        return ($point->x - $this->x[0]) * $this->normal->x
            + ($point->y - $this->y[0]) * $this->normal->y
            + ($point->z - $this->z[0]) * $this->normal->z;
    }
}
