<?php

declare(strict_types=1);

namespace Kaddle\Core\Kit;

use Kaddle\Core\Solve\Tolerance;

/**
 * What to rent or to change for a night: the purchases of its moments, put together.
 */
final readonly class ShoppingList
{
    /** @param list<ShoppingItem> $items the most useful first */
    private function __construct(
        public array $items,
        /** Moments that cannot be had with what is in the bag. */
        public int $short,
    ) {}

    /**
     * Looks at the moments that fall short; when none does, at the one with least to spare.
     *
     * @param list<array{string, float, list<Purchase>}> $moments what it is called, stops to spare, and what would add to them
     */
    public static function of(array $moments): self
    {
        $margins = array_column($moments, 1);
        $short = array_filter($margins, static fn(float $m): bool => $m < -Tolerance::ROUNDING);
        asort($margins);
        $items = [];
        foreach ($short !== [] ? $short : array_slice($margins, 0, 1, true) as $i => $margin) {
            foreach ($moments[$i][2] as $purchase) {
                $items[$purchase->kind->value] = ShoppingItem::with(
                    $items[$purchase->kind->value] ?? null,
                    $moments[$i][0],
                    $purchase,
                    $margin,
                );
            }
        }
        usort(
            $items,
            static fn(ShoppingItem $a, ShoppingItem $b): int => [$b->rescued, $b->stops] <=> [$a->rescued, $a->stops],
        );

        return new self($items, count($short));
    }
}
