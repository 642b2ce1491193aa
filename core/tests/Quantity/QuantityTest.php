<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Quantity;

use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Quantity\Stops;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuantityTest extends TestCase
{
    #[DataProvider('impossibleHeights')]
    public function testRefusesWhatLiesOutsideWithTheRangeInWords(float $value, string $said): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage("The ceiling height must be 2 to 40 m; it is $said.");
        Range::between(2.0, 40.0, 'm', 0.1)->checked('ceiling height', $value);
    }

    /** @return iterable<string, array{float, string}> */
    public static function impossibleHeights(): iterable
    {
        yield 'below' => [-1.5, '−1.5'];
        yield 'above' => [41.0, '41'];
        yield 'not a number' => [NAN, 'not a number'];
        yield 'endless' => [INF, 'endless'];
    }

    public function testEndsBelongToTheRange(): void
    {
        $range = Range::between(2.0, 40.0, 'm', 0.1);
        self::assertSame(2.0, $range->checked('height', 2.0));
        self::assertSame(40.0, $range->checked('height', 40.0));
    }

    public function testLightAddsLinearly(): void
    {
        self::assertEqualsWithDelta(1.0, Stops::of(0.0)->withLight(Stops::of(0.0))->value, 1e-12);
        self::assertEqualsWithDelta(0.0, Stops::of(-1.0)->withLight(Stops::of(-1.0))->value, 1e-12);
        self::assertSame(-2.0, Stops::of(-2.0)->withLight(Stops::ofRatio(0.0))->value);
    }

    #[DataProvider('stopsInWords')]
    public function testReadsAsPeopleWriteIt(float $stops, string $signed, string $amount): void
    {
        self::assertSame($signed, Stops::of($stops)->signed());
        self::assertSame($amount, Stops::of($stops)->amount());
    }

    /** @return iterable<string, array{float, string, string}> */
    public static function stopsInWords(): iterable
    {
        yield 'brighter' => [1.26, '+1.3', '1.3 stops'];
        yield 'darker' => [-0.5, '−0.5', '0.5 stops'];
        yield 'one' => [-1.0, '−1.0', '1 stop'];
        yield 'rounds to nothing' => [-0.04, '0.0', '0 stops'];
        yield 'no light at all' => [-INF, 'no light', 'endless stops'];
    }

    public function testThirdsHalvesAndTenthsAreAllExact(): void
    {
        self::assertSame(20, ExactStops::nearest(0.6, Step::Third)->thirtieths);
        self::assertSame(15, ExactStops::nearest(0.6, Step::Half)->thirtieths);
        self::assertSame(18, ExactStops::nearest(0.6, Step::Tenth)->thirtieths);
        self::assertSame(30, ExactStops::nearest(0.6, Step::Whole)->thirtieths);
        self::assertFalse(ExactStops::fromThirtieths(15)->isOn(Step::Third));
        self::assertTrue(ExactStops::fromThirtieths(-60)->isOn(Step::Third));
    }

    /** Source: EV 0 at ISO 100 is 2.5 lx for a flat receptor with C = 250. */
    public function testIlluminanceOfAGlow(): void
    {
        self::assertEqualsWithDelta(2.5, ExposureValue::atIso100(0.0)->light()->lux, 1e-12);
        self::assertEqualsWithDelta(40.0, ExposureValue::atIso100(4.0)->light()->lux, 1e-9);
    }

    public function testNumbersLoseTrailingZerosAndKeepDigits(): void
    {
        self::assertSame('3.1', Number::plain(3.10));
        self::assertSame('0', Number::plain(-0.0001));
        self::assertSame('0.0781', Number::significant(0.078125));
        self::assertSame('1234', Number::significant(1234.4));
    }

    #[DataProvider('dials')]
    public function testACompensationReadsAsDialsShowIt(int $thirtieths, string $read): void
    {
        self::assertSame($read, ExactStops::fromThirtieths($thirtieths)->signed());
    }

    /** @return iterable<string, array{int, string}> */
    public static function dials(): iterable
    {
        yield 'nothing' => [0, '0'];
        yield 'a stop' => [30, '+1'];
        yield 'two stops down' => [-60, '−2'];
        yield 'a third' => [10, '+⅓'];
        yield 'one and two thirds down' => [-50, '−1⅔'];
        yield 'one and a half' => [45, '+1½'];
        yield 'three tenths' => [9, '+0.3'];
        yield 'three tenths down' => [-9, '−0.3'];
        yield 'one and three tenths' => [39, '+1.3'];
        yield 'one and three tenths down' => [-39, '−1.3'];
    }

    /** Ranges are refused for each of their ends, temperatures only at nothing and beneath it. */
    public function testLimitsOfRangesAndTemperatures(): void
    {
        self::assertSame(0.5, \Kaddle\Core\Quantity\Kelvin::of(0.5)->kelvin);
        foreach ([[2.0, 1.0, 0.1], [1.0, 2.0, 0.0], [1.0, INF, 0.1]] as [$min, $max, $step]) {
            try {
                self::fail('made: ' . \Kaddle\Core\Quantity\Range::between($min, $max, 'm', $step)->inWords());
            } catch (\Kaddle\Core\Quantity\NotANumber) {
                self::assertSame(1.0, \Kaddle\Core\Quantity\Range::between(1.0, 1.0, 'm', 0.1)->min, 'a single value is a range');
            }
        }
    }
}
