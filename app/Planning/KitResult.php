<?php

declare(strict_types=1);

namespace App\Planning;

use App\Data\KitCellData;
use Kaddle\Core\Kit\KitCell;
use Kaddle\Core\Kit\KitCheck;
use Kaddle\Core\Kit\Purchase;

/** What a kit check of one moment came to. */
final readonly class KitResult
{
    /** Stops to spare from which nobody asks what to rent. */
    private const PLENTY = 1.0;

    /**
     * @param list<KitCellData> $cells
     * @param list<Purchase> $purchases
     */
    private function __construct(
        /** In the order of the ways. */
        public array $cells,
        /** Place of the cell with most to spare. */
        public int $best,
        /** What would add to the best one; none where there is plenty. */
        public array $purchases,
    ) {}

    public static function of(KitCheck $check): self
    {
        $best = $check->best();

        return new self(
            array_map(static fn(KitCell $c): KitCellData => KitCellData::of($c), $check->cells),
            (int) array_search($best, $check->cells, true),
            $best->margin->stops()->value < self::PLENTY ? $check->purchases() : [],
        );
    }

    /** @param array<array-key, mixed> $stored as toStore() gave it */
    public static function fromStored(array $stored): self
    {
        $purchases = [];
        foreach (is_array($stored['purchases'] ?? null) ? $stored['purchases'] : [] as $purchase) {
            [$kind, $label, $gain] = is_array($purchase) ? array_values($purchase) + [null, null, null] : [null, null, null];
            $purchases[] = Purchase::of(is_string($kind) ? $kind : '', is_string($label) ? $label : '', is_numeric($gain) ? (float) $gain : 0.0);
        }

        return new self(
            array_map(KitCellData::fromStored(...), is_array($stored['cells'] ?? null) ? array_values($stored['cells']) : []),
            is_int($stored['best'] ?? null) ? $stored['best'] : 0,
            $purchases,
        );
    }

    /** @return array<string, mixed> */
    public function toStore(): array
    {
        return [
            'cells' => $this->cells,
            'best' => $this->best,
            'purchases' => array_map(static fn(Purchase $p): array => [$p->kind, $p->label, $p->gain->value], $this->purchases),
        ];
    }

    /** Stops that the best way has to spare; endlessly few where no light arrives. */
    public function margin(): float
    {
        return $this->cells[$this->best]->stops ?? -INF;
    }
}
