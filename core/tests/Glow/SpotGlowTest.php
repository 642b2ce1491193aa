<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Glow;

use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Glow\Lamp;
use Kaddle\Core\Glow\LightReading;
use Kaddle\Core\Glow\Openings;
use Kaddle\Core\Glow\Place;
use Kaddle\Core\Glow\ReadingKind;
use Kaddle\Core\Glow\ReadingOf;
use Kaddle\Core\Glow\RoomGlow;
use Kaddle\Core\Glow\SpotGlow;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Illuminance;
use Kaddle\Core\Quantity\Kelvin;
use PHPUnit\Framework\TestCase;

/** A room of lamps only: 60 lx until ten, then half of it. */
final class SpotGlowTest extends TestCase
{
    public function testPeopleAreHeldAgainstWhatIsBehindThem(): void
    {
        [$stage] = self::all([
            self::reading('stage', '21:00', 1.0, ReadingOf::People),
            self::reading('stage', '21:00', 5.0, ReadingOf::Behind),
        ]);
        self::assertEqualsWithDelta(-4.0, $stage->over->value, 0.01);
        self::assertSame(2, $stage->readings);
    }

    /** Two readings of ±0.2 are sure to 0.28; a wall that nobody read is another 0.5. */
    public function testWhatIsBehindIsSurerWhereItWasRead(): void
    {
        $people = self::reading('bar', '21:00', 4.0, ReadingOf::People, ReadingKind::Incident);
        [$both] = self::all([$people, self::reading('bar', '21:00', 4.0, ReadingOf::Behind, ReadingKind::Incident)]);
        [$alone] = self::all([$people]);
        self::assertEqualsWithDelta([hypot(0.2, 0.2), hypot(0.2, 0.5)], [$both->doubt, $alone->doubt], 1e-9);
    }

    /** The dimmer went down a stop in between: read later, the same face is a stop darker against the same curve. */
    public function testReadingsOfDifferentHoursAreComparedByTheCurve(): void
    {
        [$table] = self::all([
            self::reading('table', '21:30', 5.6, ReadingOf::People),
            self::reading('table', '22:30', 4.6, ReadingOf::People),
            self::reading('middle', '21:30', 4.6),
            self::reading('middle', '22:30', 3.6),
        ]);
        self::assertEqualsWithDelta(1.0, $table->over->value, 0.05);
        self::assertGreaterThan(0.5, $table->doubt, 'nobody read what is behind');
    }

    public function testTheSurerReadingWeighsMore(): void
    {
        [$table] = self::all([
            self::reading('table', '21:00', 5.0, ReadingOf::People, ReadingKind::Incident),
            self::reading('table', '21:00', 6.0, ReadingOf::People, ReadingKind::Frame),
            self::reading('table', '21:00', 4.0, ReadingOf::Behind),
        ]);
        // Weights 1/0.2² and 1/0.5²: (25·1 + 4·2) / 29.
        self::assertEqualsWithDelta(33.0 / 29.0, $table->over->value, 0.01);
    }

    public function testLightOnPeopleTeachesTheRoomNothing(): void
    {
        $plain = self::room([])->at(self::at('21:00'));
        self::assertEquals($plain, self::room([self::reading('stage', '21:00', -3.0, ReadingOf::People)])->at(self::at('21:00')));
        self::assertLessThan($plain->glow->ev, self::room([self::reading('stage', '21:00', -3.0, ReadingOf::Behind)])->at(self::at('21:00'))->glow->ev);
        self::assertSame([], SpotGlow::all(self::room([]), [self::reading('bar', '21:00', 4.0)]));
    }

    /**
     * @param list<LightReading> $readings
     *
     * @return list<SpotGlow>
     */
    private static function all(array $readings): array
    {
        return SpotGlow::all(self::room($readings), $readings);
    }

    /** @param list<LightReading> $readings */
    private static function room(array $readings): RoomGlow
    {
        $lamps = [Lamp::of('Lanterns', Illuminance::ofLux(60.0), Kelvin::of(2700.0), [['17:00', 1.0], ['22:00', 0.5]])];

        return RoomGlow::of(Place::at(58.2, 8.1, new \DateTimeZone('UTC')), Openings::of([], 0.0), $lamps, $readings);
    }

    private static function reading(string $spot, string $clock, float $ev, ReadingOf $of = ReadingOf::Room, ReadingKind $kind = ReadingKind::Incident): LightReading
    {
        return LightReading::of($spot, self::at($clock), ExposureValue::atIso100($ev), $kind, $of);
    }

    private static function at(string $clock): \DateTimeImmutable
    {
        return Evening::moment('2027-09-18', $clock, new \DateTimeZone('UTC'));
    }
}
