<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Kit\ShoppingItem;

/** Something that would buy stops. */
final readonly class PurchaseData
{
    private function __construct(
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

    public static function of(ShoppingItem $item): self
    {
        return new self($item->label, round($item->most, 1), $item->moment, $item->helped, $item->rescued);
    }
}
