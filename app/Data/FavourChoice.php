<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Score\Favour;

/** Something that a night can be good at. */
final readonly class FavourChoice
{
    public function __construct(
        public Favour $favour,
        public string $name,
        public string $sentence,
    ) {}
}
