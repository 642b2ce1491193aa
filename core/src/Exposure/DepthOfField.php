<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\Range;

/**
 * What is sharp around the distance focused on.
 *
 * Exact thin-lens forms: near = s·f²/(f² + N·c·(s − f)), far = s·f²/(f² − N·c·(s − f)),
 * endless from the hyperfocal distance on. The circle of confusion is 0.030 mm on a frame
 * 36 mm wide and shrinks with the frame.
 *
 * @see docs/physics.md, “Exposure”
 *
 * @phpstan-all-methods-pure
 */
final readonly class DepthOfField
{
    private function __construct(
        /** m */
        public float $near,
        /** m; endless from the hyperfocal distance on. */
        public float $far,
    ) {}

    /** @param float $distance m to what is focused on, above 0 */
    public static function atMetres(Optics $optics, Aperture $aperture, float $distance): self
    {
        $f = $optics->metres();
        $square = $f * $f;
        $distance = self::distanceRange()->checked('distance', $distance);
        $blur = 2.0 ** ($aperture->av->value() / 2.0) * $optics->circle() * max(0.0, $distance - $f);

        return new self(
            $distance * $square / ($square + $blur),
            $square > $blur ? $distance * $square / ($square - $blur) : INF,
        );
    }

    /** m */
    public function depth(): float
    {
        return $this->far - $this->near;
    }

    /**
     * What a group needs: focused at s = 2nF/(n + F), everything from n to F is sharp when
     * N·c·(s − f)/f² = (F − n)/(F + n).
     *
     * @param float $near m, its first row
     * @param float $far m, its last; not nearer than the first
     *
     * @return array{float, float} aperture value Av that is just enough, and where to focus, m
     */
    public static function forGroup(Optics $optics, float $near, float $far): array
    {
        $f = $optics->metres();
        $focus = 2.0 * $near * $far / ($near + $far);
        $number = ($far - $near) / ($far + $near) * $f * $f / ($optics->circle() * max(1e-6, $focus - $f));

        return [2.0 * log(max(1e-3, $number), 2), $focus];
    }

    /** What optics are reckoned with. */
    private static function distanceRange(): Range
    {
        return Range::between(0.01, 1000.0, 'm', 0.1);
    }
}
