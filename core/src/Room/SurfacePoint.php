<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * A point on one of the faces of a room, m.
 *
 * Three bare numbers instead of a Vector: a beam makes hundreds of these.
 *
 * @phpstan-all-methods-pure
 */
final readonly class SurfacePoint
{
    /** @internal made by BoxRoom::meets() only */
    public function __construct(
        public Face $face,
        public float $x,
        public float $y,
        public float $z,
        /** Into the room, of length 1. */
        public Vector $normal,
    ) {}

    public function point(): Vector
    {
        return Vector::of($this->x, $this->y, $this->z);
    }

    /**
     * How much of the light that leaves here (Lambert) arrives at a probe, lx per lm:
     * cos(leaving)·cos(arriving)/(π·d²).
     */
    public function seenBy(Probe $probe): float
    {
        return self::allSeenBy($probe, [$this]);
    }

    /**
     * The same of many together; written out flat, for a moment asks it ten thousand times.
     *
     * @param list<self> $points
     */
    public static function allSeenBy(Probe $probe, array $points): float
    {
        [$px, $py, $pz] = [$probe->point->x, $probe->point->y, $probe->point->z];
        [$nx, $ny, $nz] = [$probe->normal->unit->x, $probe->normal->unit->y, $probe->normal->unit->z];
        $sum = 0.0;
        foreach ($points as $point) {
            $dx = $point->x - $px;
            $dy = $point->y - $py;
            $dz = $point->z - $pz;
            $arriving = $dx * $nx + $dy * $ny + $dz * $nz;
            $normal = $point->normal;
            $leaving = $dx * $normal->x + $dy * $normal->y + $dz * $normal->z;
            if ($arriving > 0.0 && $leaving < 0.0) {
                $squared = $dx * $dx + $dy * $dy + $dz * $dz;
                $sum -= $leaving * $arriving / ($squared * $squared);
            }
        }

        return $sum / M_PI;
    }
}
