<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Glow;

use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Glow\Place;
use Kaddle\Core\Glow\SunPosition;
use Kaddle\Core\Glow\Sunset;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SunsetTest extends TestCase
{
    #[DataProvider('evenings')]
    public function testTheUpperLimbTouchesTheHorizon(float $latitude, float $longitude, string $zone, string $date): void
    {
        $place = Place::at($latitude, $longitude, new \DateTimeZone($zone));
        $sunset = Sunset::on($date, $place) ?? self::fail('none');
        self::assertEqualsWithDelta(-0.833, SunPosition::at($latitude, $longitude, $sunset)->altitude, 0.005);
        self::assertLessThan(-0.833, SunPosition::at($latitude, $longitude, $sunset->modify('+1 minute'))->altitude, 'and goes on down');
        self::assertSame($date, Evening::dateOf($sunset->setTimezone($place->zone)));
    }

    /** @return iterable<string, array{float, float, string, string}> */
    public static function evenings(): iterable
    {
        yield 'a September in the north' => [58.2, 8.1, 'Europe/Oslo', '2027-09-18'];
        yield 'a June night just south of the circle, after midnight' => [65.6, 22.1, 'Europe/Stockholm', '2027-06-21'];
        yield 'south of the equator' => [-33.9, 18.4, 'Africa/Johannesburg', '2027-01-15'];
        yield 'beyond the date line' => [-17.7, 178.1, 'Pacific/Fiji', '2027-03-01'];
    }

    public function testThereIsNoneInPolarDayOrNight(): void
    {
        $place = Place::at(78.2, 15.6, new \DateTimeZone('Arctic/Longyearbyen'));
        self::assertNull(Sunset::on('2027-06-21', $place));
        self::assertNull(Sunset::on('2027-12-21', $place));
    }

    /** Six degrees under the horizon; 5.17° more at 15° an hour times cos 58.2°: 39 minutes. */
    public function testTwilightEndsSixDegreesUnderTheHorizon(): void
    {
        $place = Place::at(58.2, 8.1, new \DateTimeZone('Europe/Oslo'));
        $end = Sunset::twilight('2027-09-18', $place) ?? self::fail('none');
        self::assertEqualsWithDelta(-6.0, SunPosition::at(58.2, 8.1, $end)->altitude, 0.005);
        self::assertEqualsWithDelta(40.0, ($end->getTimestamp() - (int) Sunset::on('2027-09-18', $place)?->getTimestamp()) / 60.0, 5.0);
        self::assertNull(Sunset::twilight('2027-06-21', Place::at(65.6, 22.1, new \DateTimeZone('Europe/Stockholm'))), 'a night that stays light');
    }

    public function testAZoneSaysRoughlyWhereItIs(): void
    {
        self::assertEqualsWithDelta(59.9, Place::ofZone(new \DateTimeZone('Europe/Oslo'))?->latitude, 0.1);
        self::assertNull(Place::ofZone(new \DateTimeZone('UTC')));
    }
}
