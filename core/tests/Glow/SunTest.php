<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Glow;

use Kaddle\Core\Glow\Daylight;
use Kaddle\Core\Glow\SunPosition;
use Kaddle\Core\Quantity\OutOfRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SunTest extends TestCase
{
    /** tests/golden/SUN.md names the source. */
    public function testAgreesWithAnAstronomicalLibraryAllOverTheEarth(): void
    {
        /** @var list<array{float, float, string, float, float}> $rows */
        $rows = json_decode((string) file_get_contents(__DIR__ . '/../golden/sun.json'), true, 4, JSON_THROW_ON_ERROR);
        self::assertCount(500, $rows);
        foreach ($rows as [$latitude, $longitude, $time, $altitude, $azimuth]) {
            $sun = SunPosition::at($latitude, $longitude, new \DateTimeImmutable($time));
            self::assertEqualsWithDelta($altitude, $sun->altitude, 0.03, $time);
            $turn = fmod(abs($sun->azimuth - $azimuth), 360.0);
            self::assertLessThan(0.05, min($turn, 360.0 - $turn) * cos(deg2rad($altitude)), $time);
        }
    }

    public function testPolarDayHasNoNight(): void
    {
        foreach (range(0, 23) as $hour) {
            $sun = SunPosition::at(78.0, 15.0, new \DateTimeImmutable(sprintf('2027-06-21T%02d:00:00Z', $hour)));
            self::assertGreaterThan(10.0, $sun->altitude);
        }
        self::assertLessThan(-8.0, SunPosition::at(78.0, 15.0, new \DateTimeImmutable('2027-12-21T11:00:00Z'))->altitude);
    }

    /** Either side of the date line is the same place under the same sky. */
    public function testTheDateLineIsNoEdge(): void
    {
        $time = new \DateTimeImmutable('2027-03-05T02:30:00Z');
        $east = SunPosition::at(-16.0, 180.0, $time);
        $west = SunPosition::at(-16.0, -180.0, $time);
        self::assertEqualsWithDelta($east->altitude, $west->altitude, 1e-9);
        self::assertEqualsWithDelta($east->azimuth, $west->azimuth, 1e-9);
    }

    #[DataProvider('twilights')]
    public function testTwilightHasItsCustomaryLight(float $altitude, float $lux): void
    {
        self::assertEqualsWithDelta(0.0, log(Daylight::light(self::sunAt($altitude))->lux / $lux, 2), 0.05);
    }

    /** @return iterable<string, array{float, float}> */
    public static function twilights(): iterable
    {
        yield 'sunset' => [-0.833, 400.0];
        yield 'end of civil twilight' => [-6.0, 3.4];
        yield 'end of nautical twilight' => [-12.0, 0.008];
        yield 'night' => [-18.0, 0.0008];
        yield 'deeper night' => [-60.0, 0.0008];
        yield 'low sun' => [5.0, 5_000.0];
        yield 'between two marks, the geometric middle' => [7.5, 7746.0];
        yield 'afternoon' => [20.0, 30_000.0];
        yield 'thirty degrees' => [30.0, 50_000.0];
        yield 'noon in spring' => [45.0, 77_000.0];
        yield 'high noon' => [60.0, 96_000.0];
        yield 'overhead' => [90.0, 110_000.0];
    }

    #[DataProvider('colours')]
    public function testALowSunIsWarmAndWhatFollowsBlue(float $altitude, float $kelvin): void
    {
        self::assertEqualsWithDelta($kelvin, Daylight::colour(self::sunAt($altitude))->kelvin, 2.0);
    }

    /** @return iterable<string, array{float, float}> the customary figures of the trade, rough */
    public static function colours(): iterable
    {
        yield 'day' => [40.0, 5500.0];
        yield 'afternoon' => [10.0, 5000.0];
        yield 'just over fifteen degrees' => [16.0, 5500.0];
        yield 'just before sunset' => [0.5, 4050.0];
        yield 'sunset' => [0.0, 4000.0];
        yield 'past the blue hour' => [-6.3, 10000.0];
        yield 'dusk' => [-3.0, 7000.0];
        yield 'blue hour' => [-6.0, 10000.0];
        yield 'night' => [-30.0, 10000.0];
    }

    public function testTheHigherTheSunTheMoreLight(): void
    {
        $before = 0.0;
        foreach (range(-40, 60, 2) as $altitude) {
            $lux = Daylight::light(self::sunAt((float) $altitude))->lux;
            self::assertGreaterThanOrEqual($before, $lux);
            $before = $lux;
        }
    }

    public function testRefusesPlacesThatAreNotOnEarth(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('latitude');
        SunPosition::at(91.0, 0.0, new \DateTimeImmutable('2027-01-01'));
    }

    /** A sun at an altitude, by search over a day at a middle latitude in June. */
    private static function sunAt(float $altitude): SunPosition
    {
        $midnight = new \DateTimeImmutable('2027-06-20T23:59:00Z');
        [$low, $high] = [0, 12 * 3600];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $sun = SunPosition::at(20.0, 0.0, $midnight->modify("+$middle seconds"));
            [$low, $high] = $sun->altitude < $altitude ? [$middle, $high] : [$low, $middle];
        }

        return SunPosition::at(20.0, 0.0, $midnight->modify("+$low seconds"));
    }
}
