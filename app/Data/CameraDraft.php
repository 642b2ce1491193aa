<?php

declare(strict_types=1);

namespace App\Data;

/** Where the camera is. */
final readonly class CameraDraft
{
    public function __construct(
        /** m, wall behind the camera to the lens. */
        public float $fromBackWall,
        /** m, floor to lens. */
        public float $height,
    ) {}
}
