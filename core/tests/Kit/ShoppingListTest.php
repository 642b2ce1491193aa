<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Kit;

use Kaddle\Core\Kit\Purchase;
use Kaddle\Core\Kit\ShoppingItem;
use Kaddle\Core\Kit\ShoppingList;
use PHPUnit\Framework\TestCase;

final class ShoppingListTest extends TestCase
{
    public function testWhatMakesMostMomentsPossibleComesFirst(): void
    {
        $list = ShoppingList::of([
            ['19:30 Supper', -0.5, [Purchase::of('iso', 'ISO', 1.0), Purchase::of('unit', 'Unit', 0.2)]],
            ['21:00 Dance', -1.5, [Purchase::of('iso', 'ISO', 1.0), Purchase::of('unit', 'Larger unit', 1.9)]],
            ['22:00 Cake', 2.0, [Purchase::of('lens', 'Lens', 3.0)]],
        ]);
        self::assertSame(2, $list->short);
        self::assertSame(['Larger unit', 'ISO'], array_map(static fn(ShoppingItem $i): string => $i->label, $list->items));
        self::assertSame([1, 2, 1.9, '21:00 Dance'], [$list->items[0]->rescued, $list->items[0]->helped, $list->items[0]->most, $list->items[0]->moment]);
        self::assertSame([1, 2, 2.0], [$list->items[1]->rescued, $list->items[1]->helped, $list->items[1]->stops]);
    }

    public function testWhenAllCanBeHadItLooksAtTheTightest(): void
    {
        $list = ShoppingList::of([
            ['A', 2.0, [Purchase::of('lens', 'Lens', 3.0)]],
            ['B', 0.2, [Purchase::of('iso', 'ISO', 1.0)]],
        ]);
        self::assertSame([0, 1, 'B', 0], [$list->short, count($list->items), $list->items[0]->moment, $list->items[0]->rescued]);
    }

    public function testAnEmptyNightNeedsNothing(): void
    {
        self::assertSame([[], 0], [ShoppingList::of([])->items, ShoppingList::of([])->short]);
    }
}
