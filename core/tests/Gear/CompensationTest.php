<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Gear;

use Kaddle\Core\Gear\Compensation;
use Kaddle\Core\Gear\CompensationSum;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Words\MeterWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which compensation adds to which. */
final class CompensationTest extends TestCase
{
    #[DataProvider('bodies')]
    public function testTheUnitMakesUpForWhatTheBodyHas(CompensationSum $sum, int $wanted, float $body, float $exposure, int $onUnit, string $writtenOut): void
    {
        $set = Compensation::ofStops($sum, $body, $exposure);
        $unit = $set->onUnit(ExactStops::fromThirtieths($wanted), Step::Third);
        self::assertSame($onUnit, $unit->thirtieths);
        self::assertStringContainsString($writtenOut, MeterWords::sum($set, ExactStops::fromThirtieths($wanted), $unit));
    }

    /** @return iterable<string, array{CompensationSum, int, float, float, int, string}> thirtieths wanted, stops on the body, thirtieths on the unit */
    public static function bodies(): iterable
    {
        yield 'nothing on the body' => [CompensationSum::FlashAddsUp, 30, 0.0, 0.0, 30, 'unit +1.0 and body 0.0 = +1.0 on the flash'];
        yield 'some on the body' => [CompensationSum::FlashAddsUp, 30, -1.0, 2.0, 60, 'unit +2.0 and body −1.0 = +1.0 on the flash'];
        yield 'exposure compensation as well' => [CompensationSum::AllAddUp, 30, 0.0, 1.0, 0, 'unit 0.0 and body 0.0 and exposure +1.0 = +1.0 on the flash'];
        yield 'the unit alone' => [CompensationSum::UnitWins, -20, 1.0, 1.0, -20, 'unit −0.7 = −0.7 on the flash'];
    }

    public function testWhatTheUnitCannotMakeUpForIsTold(): void
    {
        $set = Compensation::ofStops(CompensationSum::FlashAddsUp, -2.0, 0.0);
        $wanted = ExactStops::fromWhole(2);
        self::assertSame(1.0, $set->missing($wanted, $set->onUnit($wanted, Step::Third)), 'the unit ends at +3');
    }

    public function testABodyGoesThreeStops(): void
    {
        $this->expectException(OutOfRange::class);
        Compensation::ofStops(CompensationSum::AllAddUp, 3.5, 0.0);
    }
}
