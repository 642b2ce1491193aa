<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Room\Face;

/** A window, as a drawing shows it. */
final readonly class WindowData
{
    public function __construct(
        public string $name,
        public Face $wall,
        /** lx that it gives the room at the time of the moment. */
        public float $lux,
    ) {}
}
