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
        $normal = $probe->normal->unit;
        $arriving = $dx * $normal->x + $dy * $normal->y + $dz * $normal->z;
        if ($arriving <= 0.0) {
            return 0.0;
        }
        $leaving = match ($this->face) {
            Face::Ceiling, Face::Floor => $dz,
            Face::Back, Face::Far => $dx,
            Face::Left, Face::Right => $dy,
        };
        $squared = $dx * $dx + $dy * $dy + $dz * $dz;

        return abs($leaving) * $arriving / (M_PI * $squared * $squared);
    }
}
