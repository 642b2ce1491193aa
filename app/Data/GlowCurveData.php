<?php

declare(strict_types=1);

namespace App\Data;

/** The glow of a room from noon to six in the morning, with what was measured there. */
final readonly class GlowCurveData
{
    /**
     * @param list<CurveData> $points
     * @param list<ReadingData> $readings
     */
    public function __construct(
        /** ISO 8601 date on which the evening begins. */
        public string $date,
        public string $zone,
        /** By the clocks of the place; null where the sun does not go down. */
        public ?string $sunset,
        /** A quarter of an hour apart. @var list<CurveData> */
        public array $points,
        /** Of all evenings. @var list<ReadingData> */
        public array $readings,
    ) {}
}
