<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Glow;

use Kaddle\Core\Form\GlowForm;
use Kaddle\Core\Form\RoomForm;
use Kaddle\Core\Glow\Compass;
use Kaddle\Core\Glow\Daylight;
use Kaddle\Core\Glow\Place;
use Kaddle\Core\Glow\SunPosition;
use Kaddle\Core\Glow\Window;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Night\NightTemplate;
use Kaddle\Core\Night\RoomLights;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\RoomKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where daylight comes in: windows by the compass, and the open sky. */
final class OpeningsTest extends TestCase
{
    /** Towards the evening of an equinox at 58° north: the sun stands in the west, low over the horizon. */
    private const WEST = '2027-09-20 16:38';

    /** CIE clear sky with direct sun on a wall against the level: 3.6 towards a sun at 5°, 0.53 away; an even sky gives 0.45. */
    public function testAWindowByTheCompass(): void
    {
        $sun = self::sun(self::WEST);
        self::assertEqualsWithDelta(265.0, $sun->azimuth, 6.0);
        self::assertEqualsWithDelta(7.0, $sun->altitude, 2.0);
        $share = static fn(?Compass $way): float => Window::ofPercent(1.0, $way)->shareUnder($sun) / 0.01;
        self::assertSame(1.0, $share(null));
        self::assertEqualsWithDelta(3.45 / 0.45, $share(Compass::West), 0.25);
        self::assertEqualsWithDelta(0.49 / 0.45, $share(Compass::East), 0.08);
        self::assertEqualsWithDelta(log(3.6 / 0.53, 2), log($share(Compass::West) / $share(Compass::East), 2), 0.2, 'two fronts of a house differ by 2.8 stops');
        self::assertGreaterThan($share(Compass::North), $share(Compass::NorthWest));
    }

    public function testTheCompassGoesRound(): void
    {
        self::assertSame([0.0, 90.0, 180.0, 270.0], array_map(static fn(Compass $c): float => $c->degrees(), [Compass::North, Compass::East, Compass::South, Compass::West]));
    }

    /** @param array<string, string> $finishes */
    #[DataProvider('skies')]
    public function testTheOpenSkyComesIn(array $finishes, float $fewest, float $most): void
    {
        $point = GlowForm::glow(self::room($finishes), self::place())->at(new \DateTimeImmutable('2027-06-20 11:00 UTC'));
        self::assertGreaterThan($fewest, $point->glow->ev);
        self::assertLessThan($most, $point->glow->ev);
    }

    /** @return iterable<string, array{array<string, string>, float, float}> EV at noon in June */
    public static function skies(): iterable
    {
        $open = array_fill_keys(array_column(Face::cases(), 'value'), 'open');
        yield 'open air reads as noon does' => [['floor' => 'grass'] + $open, 14.8, 15.4];
        yield 'a yard between walls reads less' => [['floor' => 'grass', 'ceiling' => 'open'] + array_fill_keys(array_column(Face::cases(), 'value'), 'red-brick'), 11.0, 14.9];
        yield 'a room without windows is lit by lamps' => [array_fill_keys(array_column(Face::cases(), 'value'), 'white-plaster'), 3.0, 4.0];
        yield 'an open wall is no sky' => [['left' => 'open'] + array_fill_keys(array_column(Face::cases(), 'value'), 'white-plaster'), 3.0, 4.0];
    }

    public function testAtNightOpenAirIsDarkButForALampSomewhere(): void
    {
        $open = ['floor' => 'grass'] + array_fill_keys(array_column(Face::cases(), 'value'), 'open');
        $night = GlowForm::glow(self::room($open), self::place())->at(new \DateTimeImmutable('2027-12-20 22:00 UTC'));
        self::assertEqualsWithDelta(-1.0, $night->glow->ev, 0.2);
    }

    /** Customary clear-sky figures: 1350 lx at 1°, 3100 at 3°, 0.0011 at −15°. */
    public function testTwilightKeepsToItsMarks(): void
    {
        $day = new \DateTimeImmutable('2027-09-20 17:00 UTC');
        $seen = [];
        for ($minute = 0; $minute < 180; ++$minute) {
            $sun = self::sun($day->modify("+$minute minutes")->format('Y-m-d H:i'));
            foreach ([[3.0, 3100.0], [1.0, 1350.0], [-15.0, 0.0011]] as [$altitude, $lux]) {
                if (abs($sun->altitude - $altitude) < 0.08) {
                    $seen[(string) $altitude] = true;
                    self::assertEqualsWithDelta(0.0, log(Daylight::light($sun)->lux / $lux, 2), 0.12);
                }
            }
        }
        self::assertCount(3, $seen);
    }

    /** House lights follow the evening: every moment of a template glows by the curve as it is told to, where no daylight comes in. */
    public function testRoomsOfATemplateGlowAsItsMomentsDo(): void
    {
        foreach (NightTemplate::cases() as $template) {
            foreach ($template->moments() as $moment) {
                $columns = RoomLights::of($moment->room, $template->moments())->columns();
                $room = RoomForm::whole()->stored(['windows' => []] + $columns + self::room(array_fill_keys(array_column(Face::cases(), 'value'), 'white-plaster'))->toArray());
                $lamps = GlowForm::lamps($room);
                $lux = $lamps[0]->at(\Kaddle\Core\Glow\Evening::minutes($moment->starts));
                self::assertEqualsWithDelta($moment->glow, $lux->ev(), 0.05, $moment->name);
            }
        }
        self::assertSame([], RoomLights::of(RoomKind::OpenAir, [])->columns()['windows']);
        self::assertEqualsWithDelta(4.0, ExposureValue::ofLight(GlowForm::lamps(RoomForm::whole()->stored(RoomLights::of(RoomKind::Barn, [])->columns()))[0]->light)->ev, 0.01);
    }

    private static function sun(string $utc): SunPosition
    {
        return SunPosition::at(58.2, 8.1, new \DateTimeImmutable("$utc UTC"));
    }

    private static function place(): Place
    {
        return Place::at(58.2, 8.1, new \DateTimeZone('UTC'));
    }

    /** @param array<string, string> $finishes */
    private static function room(array $finishes): Record
    {
        return RoomForm::whole()->whole(['name' => 'Yard', 'length' => 30, 'width' => 20, 'height' => 8, 'finishes' => $finishes]);
    }
}
