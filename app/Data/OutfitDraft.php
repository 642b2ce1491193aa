<?php

declare(strict_types=1);

namespace App\Data;

/** What is on the flash, and how many of it. */
final readonly class OutfitDraft
{
    public function __construct(
        /** Units alike, side by side, fired together. */
        public int $units,
        /** Null for a bare head. */
        public ?int $modifierId,
        /** Null for none. */
        public ?int $gelId,
    ) {}
}
