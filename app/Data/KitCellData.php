<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Kit\KitCell;

/** What one way of lighting has to spare in one moment. */
final readonly class KitCellData
{
    private function __construct(
        /** Stops to spare; null where no light arrives. */
        public ?float $stops,
        /** Whether it cannot be had, rounding to clicks apart. */
        public bool $short,
        /** What gives out first. */
        public string $bound,
        /** Way that the head points, in words. */
        public string $head,
    ) {}

    public static function of(KitCell $cell): self
    {
        $stops = $cell->margin->stops()->value;

        return new self(is_finite($stops) ? round($stops, 2) : null, $cell->margin->isShort(), $cell->margin->bound(), $cell->aim->inWords());
    }

    /** @param mixed $stored as json_encode wrote it */
    public static function fromStored(mixed $stored): self
    {
        $fields = is_array($stored) ? $stored : [];

        return new self(
            is_numeric($fields['stops'] ?? null) ? (float) $fields['stops'] : null,
            ($fields['short'] ?? false) === true,
            is_string($fields['bound'] ?? null) ? $fields['bound'] : '',
            is_string($fields['head'] ?? null) ? $fields['head'] : '',
        );
    }
}
