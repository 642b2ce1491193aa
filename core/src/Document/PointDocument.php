<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Room\Vector;

/**
 * A place in the room.
 *
 * @phpstan-all-methods-pure
 */
final readonly class PointDocument
{
    private function __construct(
        /** From the wall behind the camera, m. */
        public float $x,
        /** From the right wall, m. */
        public float $y,
        /** From the floor, m. */
        public float $z,
    ) {}

    public static function of(Vector $point): self
    {
        return new self(Rounded::metres($point->x), Rounded::metres($point->y), Rounded::metres($point->z));
    }
}
