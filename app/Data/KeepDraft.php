<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Plan\KeptThing;

/** A light that is kept. */
final readonly class KeepDraft
{
    public function __construct(
        public KeptThing $what,
        /** EV at ISO 100 that a spot meter reads on it. */
        public float $ev,
    ) {}
}
