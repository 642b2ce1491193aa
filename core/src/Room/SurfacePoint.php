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
        private Vector $normal,
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
        $dx = $this->x - $probe->point->x;
        $dy = $this->y - $probe->point->y;
        $dz = $this->z - $probe->point->z;
        $arriving = $dx * $probe->normal->unit->x + $dy * $probe->normal->unit->y + $dz * $probe->normal->unit->z;
        $leaving = $dx * $this->normal->x + $dy * $this->normal->y + $dz * $this->normal->z;
        if ($arriving <= 0.0 || $leaving >= 0.0) {
            return 0.0;
        }
        $squared = $dx * $dx + $dy * $dy + $dz * $dz;

        return -$leaving * $arriving / (M_PI * $squared * $squared);
    }
}
