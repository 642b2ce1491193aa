<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Glow;

use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Glow\Lamp;
use Kaddle\Core\Glow\LightReading;
use Kaddle\Core\Glow\Openings;
use Kaddle\Core\Glow\Place;
use Kaddle\Core\Glow\ReadingKind;
use Kaddle\Core\Glow\RoomGlow;
use Kaddle\Core\Glow\Window;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Illuminance;
use Kaddle\Core\Quantity\Kelvin;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RoomGlowTest extends TestCase
{
    private const NIGHT = '2027-09-18';

    /** 60 lx and nothing else: EV = log2(60/2.5) = 4.58. */
    public function testLampsAloneGiveTheirLight(): void
    {
        $point = self::glow(0.0, [self::lanterns()], [])->at(self::at('23:00'));
        self::assertEqualsWithDelta(4.58, $point->glow->ev, 0.01);
        self::assertEqualsWithDelta(2700.0, $point->colour->kelvin, 5.0);
        self::assertEqualsWithDelta(0.0, $point->daylight, 0.001);
    }

    public function testWindowsFadeWithTheSun(): void
    {
        $glow = self::glow(0.01, [], []);
        $levels = array_map(static fn(string $clock): float => $glow->at(self::at($clock))->glow->ev, ['17:00', '18:30', '19:30', '20:15']);
        $falling = $levels;
        rsort($falling);
        self::assertSame($falling, $levels);
        self::assertGreaterThan(0.9, $glow->at(self::at('17:00'))->daylight);
    }

    public function testDimmersHoldFromTheirTimeOn(): void
    {
        $lamp = Lamp::of('Lanterns', Illuminance::ofLux(80.0), Kelvin::of(2700.0), [['22:00', 0.25], ['17:00', 1.0]]);
        self::assertSame([80.0, 80.0, 20.0, 20.0], array_map(static fn(string $clock): float => $lamp->at(Evening::minutes($clock))->lux, ['16:00', '21:59', '22:00', '01:30']));
    }

    /** A quarter of the light is 0.25^0.12 of the temperature: 2700 K become 2286 K, 67 mired warmer. Diodes stay. */
    public function testADimmedFilamentGrowsWarmer(): void
    {
        $colour = static fn(bool $isFilament): float => Lamp::of('Bulbs', Illuminance::ofLux(80.0), Kelvin::of(2700.0), [['17:00', 1.0], ['22:00', 0.25]], $isFilament)
            ->colourAt(Evening::minutes('23:00'))->mired()->minus(Kelvin::of(2700.0)->mired())->mired;
        self::assertEqualsWithDelta(67.0, $colour(true), 0.5);
        self::assertSame(0.0, $colour(false));
    }

    /** Three readings a stop under what was described pull the curve there, and its doubt shrinks. */
    public function testReadingsCorrectTheCurve(): void
    {
        $told = self::glow(0.0, [self::lanterns()], []);
        $readings = array_map(static fn(string $clock): LightReading => self::reading($clock, 3.58), ['20:00', '21:00', '22:00']);
        $learnt = self::glow(0.0, [self::lanterns()], $readings);
        self::assertEqualsWithDelta(3.6, $learnt->at(self::at('21:30'))->glow->ev, 0.1);
        self::assertLessThan($told->at(self::at('21:30'))->doubt / 2.0, $learnt->at(self::at('21:30'))->doubt);
    }

    /** Evening readings teach the lamps, afternoon readings the windows. */
    public function testEachReadingTeachesTheLightThatShoneThen(): void
    {
        $afternoon = self::glow(0.01, [self::lanterns()], [self::reading('15:00', 11.0)]);
        $told = self::glow(0.01, [self::lanterns()], []);
        self::assertGreaterThan($told->at(self::at('15:30'))->glow->ev + 0.5, $afternoon->at(self::at('15:30'))->glow->ev);
        self::assertEqualsWithDelta($told->at(self::at('23:00'))->glow->ev, $afternoon->at(self::at('23:00'))->glow->ev, 0.05);
    }

    public function testARoomThatNobodyDescribedIsLearntFromReadings(): void
    {
        self::assertEqualsWithDelta(1.0, self::glow(0.0, [], [self::reading('22:00', 1.0)])->at(self::at('22:30'))->glow->ev, 0.1);
    }

    /**
     * By lamps alone the model is linear in stops: a prior of doubt D and n readings of doubt d weigh as 1/D² against n/d².
     *
     * @param list<Lamp> $lamps
     */
    #[DataProvider('lamps')]
    public function testReadingsWeighAgainstWhatWasTold(array $lamps, float $lux, float $prior, int $readings): void
    {
        $told = Illuminance::ofLux($lux)->ev();
        $point = self::glow(0.0, $lamps, array_fill(0, $readings, self::reading('22:00', $told + 1.0)))->at(self::at('23:00'));
        $weight = $readings / ReadingKind::Incident->doubt() ** 2;
        self::assertEqualsWithDelta($told + $weight / ($prior ** -2 + $weight), $point->glow->ev, 0.002);
        self::assertEqualsWithDelta(hypot(sqrt(1.0 / ($prior ** -2 + $weight)), 0.2), $point->doubt, 0.003);
    }

    /** @return iterable<string, array{list<Lamp>, float, float, int}> lx, stops */
    public static function lamps(): iterable
    {
        yield 'told, not measured' => [[self::lanterns()], 60.0, 1.0, 0];
        yield 'told and measured once' => [[self::lanterns()], 60.0, 1.0, 1];
        yield 'told and measured three times' => [[self::lanterns()], 60.0, 1.0, 3];
        yield 'nobody told anything' => [[], 30.0, 4.0, 0];
        yield 'measured once' => [[], 30.0, 4.0, 1];
    }

    /** With two readings that agree, a third disagrees from 2.5 standard deviations of its own doubt, the spot's and the curve's. */
    public function testFromTwoAndAHalfSigmasAReadingDisagrees(): void
    {
        $d = ReadingKind::Incident->doubt();
        $sigma = hypot(hypot($d, 0.2), sqrt(1.0 / (1.0 + 2.0 / $d ** 2)));
        $told = Illuminance::ofLux(60.0)->ev();
        $odd = static fn(float $off): array => self::glow(0.0, [self::lanterns()], [
            self::reading('21:00', $told), self::reading('22:00', $told), self::reading('23:00', $told + $off),
        ])->oddReadings();
        self::assertSame([], $odd(2.45 * $sigma));
        self::assertSame([2], array_keys($odd(2.55 * $sigma)));
        self::assertEqualsWithDelta(-2.55 * $sigma, $odd(-2.55 * $sigma)[2] ?? 0.0, 0.01);
        self::assertSame([], self::glow(0.0, [self::lanterns()], [self::reading('21:00', $told), self::reading('22:00', $told + 3.0)])->oddReadings(), 'of two nobody knows which');
    }

    /** Mired add by light: 60 lx of 2700 K and 60 lx of 5400 K are the mean of 370.4 and 185.2 mired, 3600 K. */
    public function testColoursAddByTheirLight(): void
    {
        $cold = static fn(float $lux): Lamp => Lamp::of('Tubes', Illuminance::ofLux($lux), Kelvin::of(5400.0), []);
        $night = static fn(Lamp ...$lamps): float => self::glow(0.0, array_values($lamps), [])->at(self::at('23:00'))->colour->kelvin;
        self::assertEqualsWithDelta(3600.0, $night(self::lanterns(), $cold(60.0)), 1.0);
        self::assertEqualsWithDelta(4320.0, $night(self::lanterns(), $cold(180.0)), 1.0);
        self::assertEqualsWithDelta(2900.0, $night(), 1.0);
        $noon = self::glow(0.05, [self::lanterns()], [])->at(self::at('13:00'));
        self::assertGreaterThan(0.9, $noon->daylight);
        self::assertEqualsWithDelta(5500.0, $noon->colour->kelvin, 400.0);
    }

    public function testNamesTheReadingThatDisagrees(): void
    {
        $readings = [self::reading('20:00', 4.6), self::reading('21:00', 4.5), self::reading('22:00', 0.5), self::reading('23:00', 4.6)];
        $odd = self::glow(0.0, [self::lanterns()], $readings)->oddReadings();
        self::assertSame([2], array_keys($odd));
        self::assertEqualsWithDelta(-4.1, $odd[2] ?? 0.0, 0.2);
        unset($readings[2]);
        self::assertSame([], self::glow(0.0, [self::lanterns()], array_values($readings))->oddReadings());
    }

    #[DataProvider('clocks')]
    public function testAnEveningEndsAtSix(string $date, string $clock, string $zone, string $utc): void
    {
        self::assertSame($utc, Evening::moment($date, $clock, new \DateTimeZone($zone))->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i'));
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function clocks(): iterable
    {
        yield 'evening' => ['2027-09-18', '19:30', 'Europe/Oslo', '2027-09-18 17:30'];
        yield 'after midnight belongs to the night before' => ['2027-09-18', '01:30', 'Europe/Oslo', '2027-09-18 23:30'];
        yield 'clocks go forward in the night' => ['2027-03-27', '03:30', 'Europe/Oslo', '2027-03-28 01:30'];
        yield 'a time that is left out' => ['2027-03-27', '02:30', 'Europe/Oslo', '2027-03-28 01:30'];
        yield 'clocks go back in the night' => ['2027-10-30', '03:30', 'Europe/Oslo', '2027-10-31 02:30'];
        yield 'before the date line' => ['2027-09-18', '20:00', 'Pacific/Kiritimati', '2027-09-18 06:00'];
        yield 'behind the date line' => ['2027-09-18', '20:00', 'Pacific/Pago_Pago', '2027-09-19 07:00'];
    }

    public function testMinutesAndClocksAreInverse(): void
    {
        foreach (['06:00', '05:59', '00:00', '23:59', '19:30'] as $clock) {
            self::assertSame($clock, Evening::clock(Evening::minutes($clock)));
        }
        self::assertSame(0, Evening::minutes('06:00'));
    }

    /**
     * @param list<Lamp> $lamps
     * @param list<LightReading> $readings
     */
    private static function glow(float $share, array $lamps, array $readings): RoomGlow
    {
        return RoomGlow::of(Place::at(58.2, 8.1, self::zone()), Openings::of($share > 0.0 ? [Window::ofPercent(100.0 * $share, null)] : [], 0.0), $lamps, $readings);
    }

    private static function lanterns(): Lamp
    {
        return Lamp::of('Lanterns', Illuminance::ofLux(60.0), Kelvin::of(2700.0), []);
    }

    private static function reading(string $clock, float $ev): LightReading
    {
        return LightReading::of('middle', self::at($clock), ExposureValue::atIso100($ev), ReadingKind::Incident);
    }

    private static function at(string $clock): \DateTimeImmutable
    {
        return Evening::moment(self::NIGHT, $clock, self::zone());
    }

    private static function zone(): \DateTimeZone
    {
        return new \DateTimeZone('Europe/Oslo');
    }
}
