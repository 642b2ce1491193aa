<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

/**
 * What is sharp around the distance focused on.
 *
 * Exact thin-lens forms: near = s·f²/(f² + N·c·(s − f)), far = s·f²/(f² − N·c·(s − f)),
 * endless from the hyperfocal distance on. The circle of confusion is 0.030 mm on a frame
 * 36 mm wide and shrinks with the frame.
 *
 * @phpstan-all-methods-pure
 */
final readonly class DepthOfField
{
    /** mm on a frame 36 mm wide. */
    private const CIRCLE = 0.030;

    private function __construct(
        /** m */
        public float $near,
        /** m; endless from the hyperfocal distance on. */
        public float $far,
    ) {}

    /**
     * @param float $focal mm, as engraved
     * @param float $distance m, longer than the focal length
     */
    public static function of(float $focal, Aperture $aperture, float $crop, float $distance): self
    {
        $f = $focal / 1000.0;
        $blur = 2.0 ** ($aperture->av->value() / 2.0) * self::CIRCLE / 1000.0 / $crop * max(0.0, $distance - $f);

        return new self($distance * $f * $f / ($f * $f + $blur), $f * $f > $blur ? $distance * $f * $f / ($f * $f - $blur) : INF);
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
    public static function forGroup(float $focal, float $crop, float $near, float $far): array
    {
        $f = $focal / 1000.0;
        $focus = 2.0 * $near * $far / ($near + $far);
        $number = ($far - $near) / ($far + $near) * $f * $f / (self::CIRCLE / 1000.0 / $crop * max(1e-6, $focus - $f));

        return [2.0 * log(max(1e-3, $number), 2), $focus];
    }
}
