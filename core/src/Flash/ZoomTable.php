<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

/**
 * Guide number and coverage over the zoom of a head.
 *
 * Between two settings it goes as ZoomStep::towards() says; beyond the ends the head stays at its
 * end. A head never gives more light as it zooms in.
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
        $held = [];
        foreach ($steps as $i => $step) {
            $wider = $held[$i - 1] ?? null;
            if ($wider !== null && ($step->focalLength <= $wider->focalLength || $step->guideNumber < $wider->guideNumber || $step->coverage > $wider->coverage)) {
                throw ImpossibleUnit::zoomOutOfOrder($step);
            }
            $held[] = $wider === null ? $step : $step->holdingAtMost($wider->beam->energy());
        }

        return $held === [] ? throw ImpossibleUnit::noZoom() : new self($held);
    }

    /** @param float $focalLength mm at 36 mm x 24 mm */
    public function at(float $focalLength): ZoomStep
    {
        $wider = $this->steps[0];
        foreach ($this->steps as $step) {
            if ($step->focalLength >= $focalLength) {
                return $wider->towards($step, $focalLength);
            }
            $wider = $step;
        }

        return $wider;
    }
}
