<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\SurfacePoint;

/**
 * A parcel of the beam's light where it meets a face.
 *
 * @phpstan-all-methods-pure
 */
final readonly class BeamHit
{
    /** @internal made by BeamRays only */
    public function __construct(
        public SurfacePoint $place,
        /** lm·s */
        public float $energy,
    ) {}

    /**
     * What a white (reflectance 1) Lambert face would send from here to a probe, lx·s:
     * energy/π · cos(leaving)·cos(arriving)/d².
     */
    public function seenBy(Probe $probe): float
    {
        $way = $this->place->point->minus($probe->point);
        $arriving = $way->dot($probe->normal->unit);
        if ($arriving <= 0.0) {
            return 0.0;
        }
        $leaving = abs(match ($this->place->face->axis()) {
            0 => $way->x,
            1 => $way->y,
            default => $way->z,
        });

        return $this->energy / M_PI * $leaving * $arriving / $way->dot($way) ** 2;
    }
}
