<?php

declare(strict_types=1);

namespace App\Data;

/** Compensations that are set on the body already. */
final readonly class DialledDraft
{
    public function __construct(
        /** Stops of flash compensation. */
        public float $body,
        /** Stops of exposure compensation. */
        public float $exposure,
    ) {}
}
