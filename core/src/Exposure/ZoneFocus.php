<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Step;

/**
 * A lens that is focused once and then left alone, for eyes that are not at the finder.
 *
 * @see docs/physics.md, “Zone focus”
 *
 * @phpstan-all-methods-pure
 */
final readonly class ZoneFocus
{
    private function __construct(
        private Optics $optics,
        private Aperture $aperture,
        /** m that the lens is focused at. */
        public float $focus,
        /** m that it goes down to. */
        private float $closest,
    ) {}

    /**
     * @param float $focus m, from $closest to 100 m
     * @param float $closest m to which the lens focuses
     *
     * @throws OutOfRange
     */
    public static function atMetres(Optics $optics, Aperture $aperture, float $focus, float $closest): self
    {
        return new self($optics, $aperture, self::focusRange($closest)->checked('focus', $focus), $closest);
    }

    /** @param float $closest m */
    public static function focusRange(float $closest): Range
    {
        return Range::between($closest, 100.0, 'm', 0.1);
    }

    /** What is sharp. */
    public function depth(): DepthOfField
    {
        return DepthOfField::atMetres($this->optics, $this->aperture, $this->focus);
    }

    /** m: focused there, all is sharp from half of it to the end of the world; f²/(N·c) + f. */
    public function hyperfocal(): float
    {
        $f = $this->optics->metres();

        return $f * $f / ($this->aperture->fNumber() * $this->optics->circle()) + $f;
    }

    /**
     * How far the ring is turned from endless (0) to its near end (1), for a lens that is moved as a whole:
     * it comes out by f²/(s − f).
     */
    public function turn(): float
    {
        $f = $this->optics->metres();

        return ($this->closest - $f) / ($this->focus - $f);
    }

    /**
     * The distance to set so that a zone is sharp, and the widest opening at which it is.
     *
     * @param float $from m
     * @param float $to m, not nearer
     *
     * @return array{float, Aperture|null} m, and null where even the narrowest is not enough
     */
    public static function forZone(Optics $optics, Lens $lens, Step $step, float $from, float $to): array
    {
        [$needed, $focus] = DepthOfField::forGroup($optics, $from, $to);

        return [$focus, $lens->firstFrom($step, $needed)];
    }
}
