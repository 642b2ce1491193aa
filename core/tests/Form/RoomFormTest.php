<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Form;

use Kaddle\Core\Form\GlowForm;
use Kaddle\Core\Form\RoomForm;
use Kaddle\Core\Glow\Place;
use Kaddle\Core\Glow\RoomGlow;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Quantity\Illuminance;
use Kaddle\Core\Room\RidgeWay;
use Kaddle\Core\Tests\Moments;
use PHPUnit\Framework\TestCase;

/** What is made of a room as the place book keeps it. */
final class RoomFormTest extends TestCase
{
    /** 100 lx at a dimmer of 50 % are 50 lx: a stop less. */
    public function testADimmerIsAShareOfItsLamps(): void
    {
        $full = self::glow(['lamps' => [self::lamp([])]]);
        $half = self::glow(['lamps' => [self::lamp([['from' => '18:00', 'level' => 50]])]]);
        self::assertEqualsWithDelta(Illuminance::ofLux(100.0)->ev(), $full->at(self::night())->glow->ev, 0.05);
        self::assertEqualsWithDelta(1.0, $full->at(self::night())->glow->ev - $half->at(self::night())->glow->ev, 0.05);
    }

    /** Shares add up: 2 % and 6 % of daylight are two stops more than 2 %. */
    public function testWindowsAreSharesOfDaylight(): void
    {
        $window = static fn(float $share): array => ['name' => 'Window', 'share' => $share];
        $noon = new \DateTimeImmutable('2027-09-18 12:00', new \DateTimeZone('UTC'));
        $one = self::glow(['windows' => [$window(2)]])->at($noon)->glow->ev;
        self::assertEqualsWithDelta(2.0, self::glow(['windows' => [$window(2), $window(6)]])->at($noon)->glow->ev - $one, 0.05);
        self::assertEqualsWithDelta(log(50.0, 2.0), self::glow(['windows' => [$window(100)]])->at($noon)->glow->ev - $one, 0.05);
    }

    public function testARoofStandsOverItsEaves(): void
    {
        self::assertNull(RoomForm::boxRoom(self::room([]))->roof);
        $roof = RoomForm::boxRoom(self::room(['roof' => ['ridge' => 7, 'runs' => 'across']]))->roof;
        self::assertSame([7.0, RidgeWay::Across], [$roof?->ridge, $roof?->way]);
    }

    /**
     * @param list<array<string, mixed>> $states
     *
     * @return array<string, mixed>
     */
    private static function lamp(array $states): array
    {
        return ['name' => 'Lanterns', 'lux' => 100, 'kelvin' => 2700, 'states' => $states];
    }

    private static function night(): \DateTimeImmutable
    {
        return new \DateTimeImmutable('2027-01-10 23:00', new \DateTimeZone('UTC'));
    }

    /** @param array<string, mixed> $changes */
    private static function glow(array $changes): RoomGlow
    {
        return GlowForm::glow(self::room($changes), Place::at(58.2, 8.1, new \DateTimeZone('UTC')));
    }

    /** @param array<string, mixed> $changes */
    private static function room(array $changes): Record
    {
        return RoomForm::whole()->whole(['name' => 'Loft', 'length' => 12, 'width' => 8, 'height' => 4, 'finishes' => Moments::everywhere('limewash'), ...$changes]);
    }
}
