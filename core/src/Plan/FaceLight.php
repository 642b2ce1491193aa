<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan;

use Kaddle\Core\Colour\Cast;
use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\Exposure;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Quantity\Stops;

/**
 * What one way of pointing the head does at full power.
 *
 * @phpstan-all-methods-pure
 */
final readonly class FaceLight
{
    /** Luminous exposure on the face, lx·s. */
    private float $onFace;

    /** @internal made by MomentSolver only */
    public function __construct(
        public HeadAim $aim,
        /** Where the head stands; null straight at the face. */
        public ?Angles $angles,
        public Head $head,
        public Exposure $face,
        /** Luminous exposure from above, lx·s. */
        private float $crown,
        /** On the cheek that the camera sees on its left, lx·s. */
        private float $left,
        /** On the other cheek, lx·s. */
        private float $right,
        /** On the backdrop, lx·s. */
        public float $backdrop,
        /** How large the light looks from the face, degrees across. */
        public float $apparentSize,
    ) {
        $this->onFace = $face->total()->luminance();
    }

    /** Luminous exposure on the face, lx·s. */
    public function onFace(): float
    {
        return $this->onFace;
    }

    /** Light from above against light on the face; above 0 the eyes lie in shadow. */
    public function crownOverFace(): Stops
    {
        return Stops::ofRatio($this->crown / max(1e-12, $this->onFace()));
    }

    /** Share of the face's light that comes straight from the head, 0 to 1. */
    public function directShare(): float
    {
        return $this->face->direct->luminance() / max(1e-12, $this->onFace());
    }

    /** Light from the left against light from the right; 0 is flat, above 0 the left side is brighter. */
    public function leftOverRight(): Stops
    {
        return Stops::ofRatio(max(1e-12, $this->left) / max(1e-12, $this->right));
    }

    /** What paint does to the colour of the light on the face, whatever gel it left the head through. */
    public function cast(): Cast
    {
        return Cast::of($this->face->total()->over($this->head->lobes[0]->tint));
    }
}
