<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Flash;

use Eris\Generators;
use Eris\TestTrait;
use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\ImpossibleUnit;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Flash\ZoomTable;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ZoomTest extends TestCase
{
    use TestTrait;

    public function testGivesTheTableAtItsOwnSettingsAndItsEndsBeyond(): void
    {
        $table = self::table();
        self::assertSame(28.0, $table->at(24.0)->guideNumber);
        self::assertEqualsWithDelta(42.0, $table->at(50.0)->guideNumber, 1e-9);
        self::assertSame(28.0, $table->at(10.0)->guideNumber);
        self::assertSame(58.0, $table->at(300.0)->guideNumber);
        self::assertSame(28.0, $table->at(300.0)->coverage);
    }

    /** By hand: half way from 24 to 50 mm on a logarithmic scale, 34.64 mm, lies sqrt(28·42) = 34.29. */
    public function testInterpolatesOnALogarithmicScale(): void
    {
        self::assertEqualsWithDelta(sqrt(28.0 * 42.0), self::table()->at(sqrt(24.0 * 50.0))->guideNumber, 1e-9);
    }

    public function testZoomingInNeverWidensOrWeakens(): void
    {
        $this->forAll(Generators::choose(80, 2000), Generators::choose(1, 300))->then(static function (int $focal, int $more): void {
            $wide = self::table()->at($focal / 10.0);
            $narrow = self::table()->at(($focal + $more) / 10.0);
            self::assertGreaterThanOrEqual($wide->guideNumber - 1e-9, $narrow->guideNumber);
            self::assertLessThanOrEqual($wide->coverage + 1e-9, $narrow->coverage);
            self::assertLessThanOrEqual($wide->beam->energy() + 1e-6, $narrow->beam->energy());
        });
    }

    /** As printed: 36 m over 28 m would be 10 % more light at 35 mm than at 24 mm; what the wide end has is all there is. */
    public function testTheLightOfAUnitDoesNotRiseAsItZoomsIn(): void
    {
        $table = ZoomTable::of([ZoomStep::ofMillimetres(24.0, 28.0, 76.0), ZoomStep::ofMillimetres(35.0, 36.0, 62.0)]);
        self::assertGreaterThan(1.1 * Beam::printed(28.0, 76.0)->energy(), Beam::printed(36.0, 62.0)->energy());
        self::assertEqualsWithDelta(Beam::printed(28.0, 76.0)->energy(), $table->at(35.0)->beam->energy(), 1e-6);
        self::assertSame(36.0, $table->at(35.0)->guideNumber);
        self::assertEqualsWithDelta(2.5 * 36.0 ** 2, $table->at(35.0)->beam->axial, 1e-9);
    }

    /** A lens of 35 mm sees 2·atan(18/35) = 54.43° of its long side. */
    public function testWithoutACoverageAHeadFillsThePictureOfItsFocalLength(): void
    {
        self::assertEqualsWithDelta(54.43, ZoomStep::ofMillimetres(35.0, 30.0)->coverage, 0.005);
    }

    public function testATiltedHeadTakesItsBounceZoomAndALevelOneFollowsTheLens(): void
    {
        $unit = FlashUnit::of(self::table(), 50.0, 7, Step::Third);
        self::assertEqualsWithDelta(42.0, $unit->zoomFor(HeadAim::Up, 105.0)->guideNumber, 1e-9);
        self::assertSame(58.0, $unit->zoomFor(HeadAim::Direct, 105.0)->guideNumber);
    }

    /** @param list<array{float, float, float}> $steps */
    #[DataProvider('impossibleTables')]
    public function testRefusesATableThatIsNone(array $steps, string $words): void
    {
        $this->expectException(ImpossibleUnit::class);
        $this->expectExceptionMessage($words);
        ZoomTable::of(array_map(static fn(array $s): ZoomStep => ZoomStep::ofMillimetres(...$s), $steps));
    }

    /** @return iterable<string, array{list<array{float, float, float}>, string}> */
    public static function impossibleTables(): iterable
    {
        yield 'empty' => [[], 'at least one zoom setting'];
        yield 'backwards' => [[[50.0, 42.0, 50.0], [24.0, 28.0, 76.0]], '24 mm breaks the order'];
        yield 'weaker when narrower' => [[[24.0, 28.0, 76.0], [50.0, 20.0, 50.0]], '50 mm breaks the order'];
        yield 'wider when narrower' => [[[24.0, 28.0, 60.0], [50.0, 42.0, 70.0]], '50 mm breaks the order'];
    }

    public function testRefusesAZoomThatNoHeadHas(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('The zoom setting must be 8 to 300 mm; it is 2.');
        ZoomStep::ofMillimetres(2.0, 28.0, 76.0);
    }

    private static function table(): ZoomTable
    {
        return ZoomTable::of([
            ZoomStep::ofMillimetres(24.0, 28.0, 76.0),
            ZoomStep::ofMillimetres(50.0, 42.0, 50.0),
            ZoomStep::ofMillimetres(105.0, 58.0, 28.0),
        ]);
    }
}
