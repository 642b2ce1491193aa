<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Room;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\RoomKind;
use Kaddle\Core\Room\Vector;
use PHPUnit\Framework\TestCase;

final class RoomTest extends TestCase
{
    public function testARayMeetsTheFaceAhead(): void
    {
        $room = self::room(10.0, 4.0, 3.0, 0.5);
        $from = Vector::of(2.0, 2.0, 1.0);
        self::assertSame(Face::Ceiling, $room->meets($from, 0.1, 0.0, 1.0)->face);
        self::assertEquals(Vector::of(10.0, 2.0, 1.0), $room->meets($from, 3.0, 0.0, 0.0)->point);
        self::assertSame(Face::Right, $room->meets($from, 0.1, -1.0, 0.0)->face);
        self::assertSame(Face::Back, $room->meets($from, -1.0, 0.1, 0.0)->face);
    }

    /** A point far away, E = cos·cos/(π·d²); the even disc it stands for, 1/A, right where it ends. */
    public function testARayShinesLikeAPointFromAfarAndLikeItsDiscFromCloseBy(): void
    {
        $solidAngle = 0.3;
        [$end] = self::room(10.0, 8.0, 6.0, 0.5)->footprints(Vector::of(6.0, 4.0, 3.0), [1.0], [0.0], [0.0], [$solidAngle]);
        $seen = static fn(float $away): float => $end->seenBy(Probe::at(Vector::of(10.0 - $away, 4.0, 3.0), Direction::along(Vector::of(1.0, 0.0, 0.0))));
        self::assertEqualsWithDelta(1.0 / (M_PI * 5.0 ** 2), $seen(5.0), 1e-12);
        self::assertEqualsWithDelta(1.0 / ($solidAngle * 4.0 ** 2), $seen(1.0), 1e-12);
        self::assertEqualsWithDelta(1.0 / ($solidAngle * 4.0 ** 2), $seen(0.001), 1e-12);
    }

    public function testRefusesWhatNoWallCanDo(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('The green reflectance must be 0 to 0.95; it is 0.96.');
        Reflectance::of(0.5, 0.96, 0.5);
    }

    public function testRefusesADirectionWithoutLength(): void
    {
        $this->expectException(OutOfRange::class);
        Direction::along(Vector::of(0.0, 0.0, 0.0));
    }

    public function testOnlyTheOpenSkySendsNothingBack(): void
    {
        foreach (Finish::cases() as $finish) {
            self::assertSame($finish === Finish::Open, $finish->reflectance()->share->luminance() === 0.0, $finish->value);
        }
    }

    /** Every kind is a room that can be built and lit, and only the open air has no ceiling. */
    public function testKindsOfRoomsAreRooms(): void
    {
        foreach (RoomKind::cases() as $kind) {
            $room = BoxRoom::fromMetres(...[...$kind->metres(), static fn(Face $f): Reflectance => $kind->finish($f)->reflectance()]);
            $sky = $room->reflectance(Face::Ceiling)->share->luminance() === 0.0;
            self::assertSame($kind === RoomKind::OpenAir, $sky, $kind->value);
        }
    }

    public static function room(float $length, float $width, float $height, float $grey): BoxRoom
    {
        return BoxRoom::fromMetres($length, $width, $height, static fn(Face $f): Reflectance => Reflectance::of($grey, $grey, $grey));
    }

    public function testTheFacesOfARoomBelongToIt(): void
    {
        $room = self::room(9.0, 5.0, 3.0, 0.5);
        foreach ([[0.0, 0.0, 0.0], [9.0, 5.0, 3.0], [9.0, 0.0, 3.0], [0.0, 5.0, 0.0]] as $corner) {
            self::assertTrue($room->contains(Vector::of(...$corner)));
        }
        foreach ([[9.01, 1.0, 1.0], [1.0, 5.01, 1.0], [1.0, 1.0, 3.01], [-0.01, 1.0, 1.0], [1.0, -0.01, 1.0], [1.0, 1.0, -0.01]] as $outside) {
            self::assertFalse($room->contains(Vector::of(...$outside)));
        }
    }
}
