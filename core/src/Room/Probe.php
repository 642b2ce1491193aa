<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * A small matt surface that asks how much light reaches it.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Probe
{
    private function __construct(
        public Vector $point,
        /** The side that counts. */
        public Direction $normal,
    ) {}

    public static function at(Vector $point, Direction $normal): self
    {
        return new self($point, $normal);
    }

    /**
     * Of a point above the horizon, m; below it less than 0.
     *
     * @param array{float, float, float} $point by axis
     */
    public function heightOf(array $point): float
    {
        $normal = $this->normal->unit;

        return ($point[0] - $this->point->x) * $normal->x + ($point[1] - $this->point->y) * $normal->y + ($point[2] - $this->point->z) * $normal->z;
    }
}
