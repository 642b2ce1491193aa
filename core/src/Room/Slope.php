<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * One half of a pitched roof, as the plane z = base + rise·(x or y).
 *
 * @see docs/physics.md, “Pitched roof”
 *
 * @internal
 *
 * @phpstan-all-methods-pure
 */
final readonly class Slope
{
    private function __construct(
        private float $base,
        private float $alongX,
        private float $alongY,
        /** Into the room, of length 1. */
        public Vector $normal,
    ) {}

    /**
     * @param float $length m
     * @param float $width m
     * @param float $eaves m
     *
     * @return list<self>
     */
    public static function pair(PitchedRoof $roof, float $length, float $width, float $eaves): array
    {
        $rise = $roof->ridge - $eaves;

        return match ($roof->way) {
            RidgeWay::Along => [
                self::plane($eaves, 0.0, 2.0 * $rise / $width),
                self::plane($eaves + 2.0 * $rise, 0.0, -2.0 * $rise / $width),
            ],
            RidgeWay::Across => [
                self::plane($eaves, 2.0 * $rise / $length, 0.0),
                self::plane($eaves + 2.0 * $rise, -2.0 * $rise / $length, 0.0),
            ],
        };
    }

    /** Height of the plane in m over a point of the floor, m. */
    public function heightOver(float $x, float $y): float
    {
        return $this->base + $this->alongX * $x + $this->alongY * $y;
    }

    /**
     * Multiples of a way until a ray from below meets the plane; endless where it does not.
     *
     * @param float $dx m along each axis
     */
    public function reach(Vector $from, float $dx, float $dy, float $dz): float
    {
        $approach = $dz - $this->alongX * $dx - $this->alongY * $dy;

        return $approach > 0.0 ? ($this->heightOver($from->x, $from->y) - $from->z) / $approach : INF;
    }

    private static function plane(float $base, float $alongX, float $alongY): self
    {
        return new self($base, $alongX, $alongY, Direction::along(Vector::of($alongX, $alongY, -1.0))->unit);
    }
}
