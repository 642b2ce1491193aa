<?php

declare(strict_types=1);

namespace App\Data;

/** Something that would buy stops. */
final readonly class PurchaseData
{
    public function __construct(
        public string $label,
        /** Stops that the moment gains which gains most. */
        public float $most,
        /** The moment that gains most. */
        public string $moment,
        /** Moments that gain. */
        public int $helped,
        /** Moments that could be had with it and cannot now. */
        public int $rescued,
    ) {}
}
