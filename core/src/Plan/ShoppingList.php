<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan;

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
     * @param list<array{string, KitCheck}> $checks each with what its moment is called
     */
    public static function of(array $checks): self
    {
        $margins = array_map(static fn(array $c): float => $c[1]->best()->margin->stops()->value, $checks);
        $short = array_filter($margins, static fn(float $m): bool => $m < 0.0);
        asort($margins);
        $items = [];
        foreach ($short !== [] ? $short : array_slice($margins, 0, 1, true) as $i => $margin) {
            [$name, $check] = $checks[$i];
            foreach ($check->purchases() as $purchase) {
                $items[$purchase->kind] = ShoppingItem::with($items[$purchase->kind] ?? null, $name, $purchase, $margin);
            }
        }
        usort($items, static fn(ShoppingItem $a, ShoppingItem $b): int => [$b->rescued, $b->stops] <=> [$a->rescued, $a->stops]);

        return new self($items, count($short));
    }
}
