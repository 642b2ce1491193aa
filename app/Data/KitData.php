<?php

declare(strict_types=1);

namespace App\Data;

/** The kit check of a night: moments by ways of lighting, and what would buy most. */
final readonly class KitData
{
    /**
     * @param list<string> $ways
     * @param list<KitRow> $rows
     * @param list<PurchaseData> $purchases
     */
    public function __construct(
        public NightData $night,
        /** Columns of the whole table. @var list<string> */
        public array $ways,
        /** @var list<KitRow> */
        public array $rows,
        /** For the whole night, the most useful first. @var list<PurchaseData> */
        public array $purchases,
        /** Moments that cannot be had with the bag. */
        public int $short,
        /** Moments that are not reckoned yet. */
        public int $pending,
    ) {}
}
