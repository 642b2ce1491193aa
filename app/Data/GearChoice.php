<?php

declare(strict_types=1);

namespace App\Data;

/** A piece of gear to choose from. */
final readonly class GearChoice
{
    public function __construct(
        public int $id,
        public string $name,
        /** Its figures in a line. */
        public string $figures,
    ) {}
}
