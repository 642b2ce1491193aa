<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Flash;

use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\Exposure;
use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\ImpossibleUnit;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Flash\ZoomTable;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Room\Vector;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class UnitTest extends TestCase
{
    #[DataProvider('outputs')]
    public function testAnOutputReadsAsUnitsShowIt(int $thirtieths, string $label, float $share): void
    {
        $output = Output::of(ExactStops::fromThirtieths($thirtieths));
        self::assertSame($label, $output->label());
        self::assertEqualsWithDelta($share, $output->share(), 1e-9);
    }

    /** @return iterable<string, array{int, string, float}> */
    public static function outputs(): iterable
    {
        yield 'full' => [0, '1/1', 1.0];
        yield 'a third under full' => [-10, '1/2 +⅔', 2.0 ** (-1 / 3)];
        yield 'half' => [-30, '1/2', 0.5];
        yield 'half a stop over an eighth' => [-75, '1/8 +½', 2.0 ** -2.5];
        yield 'tenths' => [-93, '1/16 +0.9', 2.0 ** -3.1];
        yield 'least' => [-210, '1/128', 1.0 / 128.0];
    }

    public function testAFlashThatIsOffIsEndlesslyFarUnderFull(): void
    {
        self::assertSame(['off', 0.0, -INF], [Output::off()->label(), Output::off()->share(), Output::off()->value()]);
        self::assertSame([0.0, 0.0], [Exposure::none()->total()->luminance(), Exposure::none()->first()->luminance()]);
        self::assertSame([0.0, 1.0], [Output::full()->value(), Output::full()->share()]);
    }

    public function testNoUnitGivesMoreThanEverything(): void
    {
        $this->expectException(ImpossibleUnit::class);
        $this->expectExceptionMessage('A flash cannot give 0.33 stops more than full power.');
        Output::of(ExactStops::fromThirtieths(10));
    }

    #[DataProvider('steps')]
    public function testTheScaleRunsFromLeastToFullInItsOwnClicks(Step $step, int $clicks): void
    {
        $scale = self::unit($step, 7)->scale();
        self::assertCount($clicks, $scale);
        self::assertSame('1/128', $scale[0]->label());
        self::assertSame('1/1', $scale[$clicks - 1]->label());
    }

    /** @return iterable<string, array{Step, int}> seven stops of clicks and the first */
    public static function steps(): iterable
    {
        yield 'thirds' => [Step::Third, 22];
        yield 'halves' => [Step::Half, 15];
        yield 'tenths' => [Step::Tenth, 71];
        yield 'whole stops' => [Step::Whole, 8];
    }

    #[DataProvider('wishes')]
    public function testGivesTheNearestClickAndHoldsAtItsEnds(Step $step, float $wish, string $label): void
    {
        self::assertSame($label, self::unit($step, 5)->nearest($wish)->label());
    }

    /** @return iterable<string, array{Step, float, string}> */
    public static function wishes(): iterable
    {
        yield 'between two thirds' => [Step::Third, -2.55, '1/8 +⅓'];
        yield 'the same in whole stops' => [Step::Whole, -2.55, '1/8'];
        yield 'more than everything' => [Step::Third, 1.7, '1/1'];
        yield 'less than the least' => [Step::Third, -8.0, '1/32'];
        yield 'endlessly much' => [Step::Third, 1e6, '1/1'];
    }

    public function testRefusesALowestOutputThatNoUnitHas(): void
    {
        $this->expectException(ImpossibleUnit::class);
        $this->expectExceptionMessage('The lowest output must lie 0 to 9 stops under full power; it lies 12.');
        self::unit(Step::Third, 12);
    }

    #[DataProvider('aims')]
    public function testAHeadPointsWhereItSays(HeadAim $aim, float $x, float $y, float $z): void
    {
        $unit = self::unit(Step::Third, 7)->head(Vector::of(1.0, 2.0, 1.8), Vector::of(3.0, 0.0, -0.5), $aim, 35.0, Angles::ofDegrees(-90.0, 45.0))->direction->unit;
        self::assertSame([$x <=> 0.0, $y <=> 0.0, $z <=> 0.0], [self::sign($unit->x), self::sign($unit->y), self::sign($unit->z)]);
        self::assertEqualsWithDelta(1.0, $unit->length(), 1e-12);
    }

    /** @return iterable<string, array{HeadAim, float, float, float}> signs: forward, left, up */
    public static function aims(): iterable
    {
        yield 'up' => [HeadAim::Up, 0.0, 0.0, 1.0];
        yield 'by hand, to the right and up' => [HeadAim::ByHand, 0.0, -1.0, 1.0];
        yield 'forward' => [HeadAim::UpForward, 1.0, 0.0, 1.0];
        yield 'back' => [HeadAim::UpBack, -1.0, 0.0, 1.0];
        yield 'over the left shoulder' => [HeadAim::BackLeft, -1.0, 1.0, 1.0];
        yield 'over the right shoulder' => [HeadAim::BackRight, -1.0, -1.0, 1.0];
        yield 'left' => [HeadAim::Left, 0.0, 1.0, 1.0];
        yield 'right' => [HeadAim::Right, 0.0, -1.0, 1.0];
        yield 'at the face, a little down' => [HeadAim::Direct, 1.0, 0.0, -1.0];
    }

    private static function sign(float $value): int
    {
        return abs($value) < 1e-9 ? 0 : $value <=> 0.0;
    }

    private static function unit(Step $step, int $lowest): FlashUnit
    {
        return FlashUnit::of(ZoomTable::fixed(ZoomStep::ofMillimetres(35.0, 30.0, 70.0)), 35.0, $lowest, $step);
    }
}
