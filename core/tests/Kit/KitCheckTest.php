<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Kit;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Kit\KitBound;
use Kaddle\Core\Kit\KitCheck;
use Kaddle\Core\Kit\KitLight;
use Kaddle\Core\Kit\KitWay;
use Kaddle\Core\Kit\Purchase;
use Kaddle\Core\Kit\PurchaseKind;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Shortfall;
use Kaddle\Core\Solve\Solution;
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

    /**
     * Every cell is short exactly where the solver, made to point so through that lens, misses something, and by as much.
     *
     * @param array<string, mixed> $changes
     */
    #[DataProvider('moments')]
    public function testAgreesWithTheSolverInEveryCell(array $changes): void
    {
        $cells = self::check($changes)->cells;
        $solved = static fn(array $more): Solution => self::solve([...$changes, ...$more]);
        foreach ([[$cells[0], []], [$cells[2], ['flash.units' => 2]]] as [$cell, $more]) {
            $aim = $cell->aim();
            if ($aim === null) {
                self::assertSame([], array_filter($solved($more)->candidates, static fn(Candidate $c): bool => KitLight::Bounced->takes($c->light->aim)));
                continue;
            }
            $solution = $solved($more + ['head' => $aim->value]);
            self::assertSame($solution->isFeasible(), !$cell->isShort());
            self::assertSame($solution->isFeasible(), $cell->stops()->value >= 0.0);
            $misses = array_map(static fn(Shortfall $s): float => $s->stops->value, $solution->shortfalls);
            self::assertEqualsWithDelta($misses === [] ? max(0.0, $cell->margin->stops()->value) : -max($misses), $cell->stops()->value, 1e-9);
        }
        $straight = $cells[1]->aim();
        self::assertSame($solved(['head' => $straight->value ?? ''])->isFeasible(), !$cells[1]->isShort());
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function moments(): iterable
    {
        foreach (self::glows() as $name => [$ev]) {
            yield $name => [['glow.ev' => $ev]];
        }
        $open = ['room.finishes' => Moments::everywhere('open')];
        yield 'sparklers in a yard' => [['glow.ev' => -3, 'look.roomUnder' => 0, ...$open]];
        yield 'noon in a yard' => [['glow.ev' => 14, ...$open]];
        yield 'near in a yard' => [['subject.distance' => 0.6, ...$open]];
        yield 'held' => [['look.school' => 'free-hand', 'look.locks' => ['shutter' => '1/100', 'aperture' => 'f/2.8', 'iso' => '3200']]];
        yield 'held, far too bright' => [['glow.ev' => 10, 'look.school' => 'free-hand', 'look.locks' => ['shutter' => '1/100', 'aperture' => 'f/2.8', 'iso' => '3200']]];
        yield 'a filter' => [['glow.ev' => 13, 'look.nd' => 5]];
        yield 'low ISO, long time' => [['look.school' => 'long-time', 'look.aperture' => 'f/8']];
        yield 'a deep group' => [['people.depth' => 4, 'glow.ev' => 0]];
        yield 'a black room' => [['room.finishes' => Moments::everywhere('black-drape')]];
    }

    public function testWithoutFlashTheRoomAloneDecides(): void
    {
        $cell = KitCheck::of(Moments::with(['look.withoutFlash' => true]), [KitWay::withoutFlash('Fast 35', self::lens())])->cells[0];
        self::assertSame([HeadAim::Off, false], [$cell->aim(), $cell->isShort()]);
        self::assertEqualsWithDelta(4.70, $cell->stops()->value, 0.01);
        $walking = KitCheck::of(Moments::with(['look.withoutFlash' => true, 'glow.ev' => -1, 'people' => ['movement' => 'dance']]), [KitWay::withoutFlash('Fast 35', self::lens())])->cells[0];
        self::assertSame([true, KitBound::Movers], [$walking->isShort(), $walking->bound()]);
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

    public function testWhereTheFlashIsOffNothingForItIsWorthBuying(): void
    {
        $kinds = static fn(KitCheck $check): array => array_column(array_map(static fn(Purchase $p): array => [$p->kind->value, $p], $check->purchases()), 0);
        $off = KitCheck::of(Moments::with(['look.withoutFlash' => true, 'glow.ev' => -2]), [KitWay::withoutFlash('Fast 35', Moments::with([])->lens)]);
        self::assertNotSame([], $kinds($off));
        self::assertSame([], array_diff($kinds($off), [PurchaseKind::Iso->value, PurchaseKind::Lens->value]));
        self::assertContains(PurchaseKind::Unit->value, $kinds(self::check(['glow.ev' => 9, 'subject.distance' => 9, 'flash.guideNumber' => 6])));
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
        self::assertNull($bounced->aim());
        self::assertSame([-INF, KitBound::NoLight], [$bounced->stops()->value, $bounced->bound()]);
        self::assertSame([HeadAim::Direct, false], [$straight->aim(), $straight->isShort()]);
    }

    public function testADeepGroupKeepsTheLensFromOpening(): void
    {
        $row = self::check([])->cells[0]->margin;
        $rows = self::check(['people.depth' => 2.0])->cells[0]->margin;
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

    /** @param array<mixed> $changes */
    private static function solve(array $changes): Solution
    {
        /** @var array<string, mixed> $changes */
        return MomentSolver::solve(Moments::with($changes));
    }

    private static function lens(): Lens
    {
        return Lens::ofMillimetres(35.0, Aperture::fromLabel('f/1.8', Step::Third), Aperture::fromLabel('f/16', Step::Third));
    }

    /** @param array<string, mixed> $changes */
    private static function check(array $changes): KitCheck
    {
        $lens = self::lens();

        return KitCheck::of(Moments::with($changes), [
            KitWay::bounced('Fast 35', $lens), KitWay::straight('Fast 35', $lens), KitWay::bounced('Fast 35', $lens, 2),
        ]);
    }
}
