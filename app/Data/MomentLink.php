<?php

declare(strict_types=1);

namespace App\Data;

/** A moment to go to. */
final readonly class MomentLink
{
    public function __construct(
        public int $id,
        public string $name,
    ) {}
}
