<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Kit;

use Kaddle\Core\Kit\Purchase;
use Kaddle\Core\Kit\PurchaseKind;
use Kaddle\Core\Kit\ShoppingItem;
use Kaddle\Core\Kit\ShoppingList;
use Kaddle\Core\Quantity\Stops;
use PHPUnit\Framework\TestCase;

final class ShoppingListTest extends TestCase
{
    public function testWhatMakesMostMomentsPossibleComesFirst(): void
    {
        $list = ShoppingList::of([
            ['19:30 Supper', -0.5, [Purchase::of(PurchaseKind::Iso, Stops::of(1.0)), Purchase::of(PurchaseKind::Unit, Stops::of(0.2), 1.0)]],
            ['21:00 Dance', -1.5, [Purchase::of(PurchaseKind::Iso, Stops::of(1.0)), Purchase::of(PurchaseKind::Unit, Stops::of(1.9), 2.0)]],
            ['22:00 Cake', 2.0, [Purchase::of(PurchaseKind::Lens, Stops::of(3.0))]],
        ]);
        self::assertSame(2, $list->short);
        self::assertSame([[PurchaseKind::Unit, 2.0], [PurchaseKind::Iso, 0.0]], array_map(static fn(ShoppingItem $i): array => [$i->purchase->kind, $i->purchase->metres], $list->items), 'as the moment has it that gains most');
        self::assertSame([1, 2, 1.9, '21:00 Dance'], [$list->items[0]->rescued, $list->items[0]->helped, $list->items[0]->most, $list->items[0]->moment]);
        self::assertSame([1, 2, 2.0], [$list->items[1]->rescued, $list->items[1]->helped, $list->items[1]->stops]);
    }

    public function testWhenAllCanBeHadItLooksAtTheTightest(): void
    {
        $list = ShoppingList::of([
            ['A', 2.0, [Purchase::of(PurchaseKind::Lens, Stops::of(3.0))]],
            ['B', 0.2, [Purchase::of(PurchaseKind::Iso, Stops::of(1.0))]],
        ]);
        self::assertSame([0, 1, 'B', 0], [$list->short, count($list->items), $list->items[0]->moment, $list->items[0]->rescued]);
    }

    public function testAnEmptyNightNeedsNothing(): void
    {
        self::assertSame([[], 0], [ShoppingList::of([])->items, ShoppingList::of([])->short]);
    }
}
