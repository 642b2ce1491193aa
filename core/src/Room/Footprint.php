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
     */
    public function __construct(
        public Face $face,
        /** Into the room, of length 1. */
        private Vector $normal,
        public array $x,
        public array $y,
        public array $z,
    ) {}

    /**
     * How much of the light that leaves here (Lambert, the same from every point) arrives at
     * a probe, lx per lm: Σ cos(leaving)·cos(arriving)/(π·d²).
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
        $sum = 0.0;
        foreach ($this->x as $i => $x) {
            $dx = $x - $px;
            $dy = $y[$i] - $py;
            $dz = $z[$i] - $pz;
            $arriving = $dx * $nx + $dy * $ny + $dz * $nz;
            if ($arriving > 0.0) {
                $squared = $dx * $dx + $dy * $dy + $dz * $dz;
                $sum += $arriving / ($squared * $squared);
            }
        }

        return $sum * $height / M_PI;
    }

    /**
     * The same for places all over the room, some of them close by: a ray stands for an area, and does not shine like a point there.
     *
     * @param array<int, float> $nearest m², of each point: none counts as nearer than the root of that
     */
    public function seenSoftlyBy(Probe $probe, array $nearest): float
    {
        $height = $this->heightOf($probe->point);
        if ($height <= 0.0) {
            return 0.0;
        }
        [$px, $py, $pz] = [$probe->point->x, $probe->point->y, $probe->point->z];
        [$nx, $ny, $nz] = [$probe->normal->unit->x, $probe->normal->unit->y, $probe->normal->unit->z];
        $y = $this->y;
        $z = $this->z;
        $sum = 0.0;
        foreach ($this->x as $i => $x) {
            $dx = $x - $px;
            $dy = $y[$i] - $py;
            $dz = $z[$i] - $pz;
            $arriving = $dx * $nx + $dy * $ny + $dz * $nz;
            if ($arriving > 0.0) {
                $squared = $dx * $dx + $dy * $dy + $dz * $dz;
                $own = $nearest[$i];
                $sum += $arriving / ($squared * ($squared > $own ? $squared : $own));
            }
        }

        return $sum * $height / M_PI;
    }

    /**
     * Area for which each ray stands, m²: what it carries over the light that its lobe sends there.
     *
     * @param pure-callable(Probe): float $light straight light at a place of the surface, lx·s
     * @param float $each of a ray, lm·s
     *
     * @return list<float> as many as points
     */
    public function areas(callable $light, float $each): array
    {
        $normal = Direction::along($this->normal);
        $areas = [];
        foreach ($this->x as $i => $x) {
            $areas[] = $each / max(1e-9, $light(Probe::at(Vector::of($x, $this->y[$i], $this->z[$i]), $normal)));
        }

        return $areas;
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
            foreach ($this->x as $i => $x) {
                $dx = $x - $px;
                $dy = $y[$i] - $py;
                $dz = $z[$i] - $pz;
                $arriving = $dx * $nx + $dy * $ny + $dz * $nz;
                if ($arriving > 0.0) {
                    $squared = $dx * $dx + $dy * $dy + $dz * $dz;
                    $weight = $arriving / ($squared * $squared * sqrt($squared));
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
