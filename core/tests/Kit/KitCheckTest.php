<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Kit;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Kit\KitBound;
use Kaddle\Core\Kit\KitCheck;
use Kaddle\Core\Kit\KitWay;
use Kaddle\Core\Kit\Purchase;
use Kaddle\Core\Kit\PurchaseKind;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Tests\Moments;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class KitCheckTest extends TestCase
{
    /**
     * By hand: f = 35 mm, k = 1: hold 1/35 s, Tv 5.129; f/1.8 is Av 1⅔; ISO 6400 is Sv 6;
     * EV 4 and 1.5 under want 5.5: the room has 5.5 − (5.129 + 1.667 − 6) = 4.70 to spare.
     */
    public function testTheRoomsMarginByHand(): void
    {
        $margin = self::check([])->cells[0]->margin;
        self::assertEqualsWithDelta(4.70, $margin->room->value, 0.01);
        self::assertGreaterThan(0.0, $margin->flash->value);
    }

    /** A stop less glow is a stop less to spare, until the margin meets the solver's verdict. */
    #[DataProvider('glows')]
    public function testAgreesWithTheSolver(float $ev): void
    {
        $changes = ['glow.ev' => $ev, 'head' => 'up'];
        $feasible = MomentSolver::solve(Moments::with($changes))->isFeasible();
        self::assertSame($feasible, self::check($changes)->cells[0]->margin->stops()->value > -0.2);
    }

    /** @return iterable<string, array{float}> */
    public static function glows(): iterable
    {
        yield 'bright' => [6.0];
        yield 'supper' => [4.0];
        yield 'dim' => [1.0];
        yield 'candles' => [-0.4];
        yield 'dark' => [-2.0];
        yield 'darker' => [-4.0];
    }

    public function testASecondUnitBuysAStopOfFlashAndNothingOfTheRoom(): void
    {
        [$one, , $two] = self::check([])->cells;
        self::assertEqualsWithDelta(1.0, $two->margin->flash->value - $one->margin->flash->value, 1e-9);
        self::assertSame($one->margin->room->value, $two->margin->room->value);
    }

    public function testUnderOpenSkyNoBounceReaches(): void
    {
        [$bounced, $straight] = self::check(['room.finishes' => Moments::everywhere('open')])->cells;
        self::assertTrue(is_infinite($bounced->margin->flash->value));
        self::assertSame(KitBound::NoLight, $bounced->margin->bound());
        self::assertTrue(is_finite($straight->margin->flash->value));
    }

    public function testADeepGroupKeepsTheLensFromOpening(): void
    {
        $row = self::check([])->cells[0]->margin;
        $rows = self::check([], 2.0)->cells[0]->margin;
        self::assertTrue($rows->isHeldByDepth);
        self::assertLessThan($row->room->value, $rows->room->value);
    }

    public function testRanksWhatWouldBuyMost(): void
    {
        $purchases = self::check(['glow.ev' => -3, 'room.finishes' => Moments::everywhere('dark-timber'), 'subject.distance' => 6])->purchases();
        $gains = array_map(static fn(Purchase $p): float => $p->gain->value, $purchases);
        $sorted = $gains;
        rsort($sorted);
        self::assertSame($sorted, $gains);
        self::assertContains(PurchaseKind::Iso, array_map(static fn(Purchase $p): PurchaseKind => $p->kind, $purchases));
    }

    /** @param array<string, mixed> $changes */
    private static function check(array $changes, float $depth = 0.0): KitCheck
    {
        $lens = Lens::ofMillimetres(35.0, Aperture::fromLabel('f/1.8', Step::Third), Aperture::fromLabel('f/16', Step::Third));

        return KitCheck::of(Moments::with($changes), [
            KitWay::bounced('Fast 35', $lens), KitWay::straight('Fast 35', $lens), KitWay::withSecondUnit('Fast 35', $lens),
        ], Length::ofMetres($depth));
    }
}
