<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

/**
 * Guide number and half-angle over the zoom of a head.
 *
 * Between two settings both are interpolated on a logarithmic scale, the guide number
 * as it is and the half-angle by its tangent: that is how they go when the reflector
 * moves against the lens. Beyond the ends the head stays at its end.
 *
 * @see docs/physics.md, “Zoom”
 *
 * @phpstan-all-methods-pure
 */
final readonly class ZoomTable
{
    /** @param non-empty-list<ZoomStep> $steps wide to narrow */
    private function __construct(
        public array $steps,
    ) {}

    /** A head without zoom. */
    public static function fixed(ZoomStep $step): self
    {
        return new self([$step]);
    }

    /**
     * @param list<ZoomStep> $steps wide to narrow
     *
     * @throws ImpossibleUnit when a narrower setting is not narrower, or gives less
     */
    public static function of(array $steps): self
    {
        foreach ($steps as $i => $step) {
            $wider = $steps[$i - 1] ?? null;
            if ($wider !== null && ($step->focalLength <= $wider->focalLength || $step->guideNumber < $wider->guideNumber || $step->halfAngle > $wider->halfAngle)) {
                throw ImpossibleUnit::zoomOutOfOrder($step);
            }
        }

        return $steps === [] ? throw ImpossibleUnit::noZoom() : new self($steps);
    }

    /** @param float $focalLength mm at 36 mm x 24 mm */
    public function at(float $focalLength): ZoomStep
    {
        $wider = $this->steps[0];
        foreach ($this->steps as $step) {
            if ($step->focalLength >= $focalLength) {
                return self::between($wider, $step, $focalLength);
            }
            $wider = $step;
        }

        return $wider;
    }

    private static function between(ZoomStep $wider, ZoomStep $narrower, float $focalLength): ZoomStep
    {
        if ($focalLength <= $wider->focalLength || $wider === $narrower) {
            return $wider;
        }
        $share = log($focalLength / $wider->focalLength) / log($narrower->focalLength / $wider->focalLength);
        $tangent = tan(deg2rad($wider->halfAngle)) ** (1.0 - $share) * tan(deg2rad($narrower->halfAngle)) ** $share;

        return ZoomStep::ofMillimetres(
            $focalLength,
            $wider->guideNumber ** (1.0 - $share) * $narrower->guideNumber ** $share,
            rad2deg(atan($tangent)),
        );
    }
}
