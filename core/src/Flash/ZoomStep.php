<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * What a head does at one setting of its zoom.
 *
 * @see docs/physics.md, “Beam”
 *
 * @phpstan-all-methods-pure
 */
final readonly class ZoomStep
{
    /** Width of the picture that focal lengths are told by, mm. */
    private const FRAME = 36.0;

    private function __construct(
        /** Focal length whose picture it fills, mm at 36 mm x 24 mm. */
        public float $focalLength,
        /** m at ISO 100 and full power. */
        public float $guideNumber,
        /** Degrees along the long side of the picture that it lights, from edge to edge, as printed. */
        public float $coverage,
        public Beam $beam,
    ) {}

    /**
     * @param float $focalLength mm at 36 mm x 24 mm
     * @param float $guideNumber m
     * @param float|null $coverage degrees along the long side, as printed; null for just what the lens sees
     *
     * @throws OutOfRange
     */
    public static function ofMillimetres(float $focalLength, float $guideNumber, ?float $coverage = null): self
    {
        $focal = self::focalRange()->checked('zoom setting', $focalLength);
        $across = $coverage ?? 2.0 * rad2deg(atan(self::FRAME / 2.0 / $focal));

        return new self($focal, $guideNumber, $across, Beam::printed($guideNumber, $across));
    }

    public static function focalRange(): Range
    {
        return Range::between(8.0, 300.0, 'mm', 1.0);
    }

    /**
     * The same with no more light than a wider setting has: a reflector loses as it narrows, so what
     * is printed beyond that is coverage that does not count.
     *
     * @param float $energy lm·s
     */
    public function holdingAtMost(float $energy): self
    {
        return $this->beam->energy() <= $energy
            ? $this
            : new self($this->focalLength, $this->guideNumber, $this->coverage, Beam::holding($this->guideNumber, $energy));
    }

    /**
     * Between this setting and a narrower one: guide number, light and the tangent of the coverage
     * run straight on logarithmic scales.
     *
     * @param float $focalLength mm, from this one's to the other's
     */
    public function towards(self $narrower, float $focalLength): self
    {
        if ($narrower->focalLength <= $this->focalLength || $focalLength <= $this->focalLength) {
            return $this;
        }
        $share = log($focalLength / $this->focalLength) / log($narrower->focalLength / $this->focalLength);
        $between = static fn(float $from, float $to): float => $from ** (1.0 - $share) * $to ** $share;
        $guideNumber = $between($this->guideNumber, $narrower->guideNumber);

        return new self(
            $focalLength,
            $guideNumber,
            2.0 * rad2deg(atan($between(tan(deg2rad($this->coverage) / 2.0), tan(deg2rad($narrower->coverage) / 2.0)))),
            Beam::holding($guideNumber, $between($this->beam->energy(), $narrower->beam->energy())),
        );
    }
}
