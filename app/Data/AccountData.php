<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Words\Clock;
use Kaddle\Core\Words\LengthUnit;

/** Who is signed in, and how they are told things. */
final readonly class AccountData
{
    public function __construct(
        public string $name,
        public string $email,
        public LengthUnit $unit,
        public Clock $clock,
    ) {}
}
