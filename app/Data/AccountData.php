<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\User;

/** Who is signed in. */
final readonly class AccountData
{
    private function __construct(
        public string $name,
        public string $email,
    ) {}

    public static function of(User $user): self
    {
        return new self($user->name, $user->email);
    }
}
