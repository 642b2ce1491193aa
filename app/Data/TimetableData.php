<?php

declare(strict_types=1);

namespace App\Data;

/** A night in time order. */
final readonly class TimetableData
{
    /** @param list<TimetableRow> $rows */
    public function __construct(
        public NightData $night,
        public string $zone,
        /** By the clocks of the place; null where the sun does not go down. */
        public ?string $sunset,
        /** @var list<TimetableRow> */
        public array $rows,
    ) {}
}
