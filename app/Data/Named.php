<?php

declare(strict_types=1);

namespace App\Data;

/** Something to choose by its identity. */
final readonly class Named
{
    public function __construct(
        public string $uid,
        public string $name,
    ) {}
}
