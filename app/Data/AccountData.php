<?php

declare(strict_types=1);

namespace App\Data;

/** Who is signed in. */
final readonly class AccountData
{
    public function __construct(
        public string $name,
        public string $email,
    ) {}
}
