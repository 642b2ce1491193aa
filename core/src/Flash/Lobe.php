<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;

/**
 * One lobe of light from one point. A bare head has one; a modifier makes several of it.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Lobe
{
    /** Across the window of a bare head, m. */
    private const BARE = 0.06;

    private function __construct(
        public Vector $position,
        public Direction $direction,
        public Beam $beam,
        /** Share that comes through in each band, 0 to 1; white without a gel. */
        public Rgb $tint,
        /** Across what shines, m: a point for the rays, but not for the shadows. */
        public float $size,
    ) {}

    public static function bare(Vector $position, Direction $direction, Beam $beam): self
    {
        return new self($position, $direction, $beam, Rgb::grey(1.0), self::BARE);
    }

    public function through(Rgb $tint): self
    {
        return new self($this->position, $this->direction, $this->beam, $tint, $this->size);
    }

    /**
     * Another lobe from the same place in the same colour.
     *
     * @param float $size m across
     */
    public function reshaped(Direction $direction, Beam $beam, float $size): self
    {
        return new self($this->position, $direction, $beam, $this->tint, $size);
    }

    /** White luminous exposure straight to a probe, lx·s: I(θ)·cos/d²; none where both are one point. */
    public function straightTo(Probe $probe): float
    {
        $way = $probe->point->minus($this->position);
        $arriving = -$way->dot($probe->normal->unit);
        if ($arriving <= 0.0) {
            return 0.0;
        }
        $distance = $way->length();

        return $this->beam->towards($way->dot($this->direction->unit) / $distance) * $arriving / $distance ** 3;
    }
}
