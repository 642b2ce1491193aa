<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Room;

use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Colour\GelKind;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\RoomKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Finishes, kinds of rooms and gels to start from hold what they say of themselves. */
final class CatalogueTest extends TestCase
{
    #[DataProvider('finishes')]
    public function testAFinishLiesInTheRangeThatItNames(Finish $finish): void
    {
        self::assertSame(1, preg_match('/^Usual range (\d+) to (\d+) %: /', $finish->source(), $range), $finish->source());
        $percent = 100.0 * $finish->reflectance()->share->luminance();
        self::assertGreaterThanOrEqual((float) $range[1], $percent);
        self::assertLessThanOrEqual((float) $range[2], $percent);
    }

    /** @return iterable<string, array{Finish}> */
    public static function finishes(): iterable
    {
        foreach (Finish::cases() as $finish) {
            if ($finish !== Finish::Open) {
                yield $finish->value => [$finish];
            }
        }
    }

    public function testOpenAirSendsNothingBack(): void
    {
        self::assertSame(0.0, Finish::Open->reflectance()->share->luminance());
    }

    #[DataProvider('rooms')]
    public function testAKindOfRoomCanBeBuilt(RoomKind $kind, bool $isPitched): void
    {
        [$length, $width, $height] = $kind->metres();
        $room = BoxRoom::fromMetres($length, $width, $height, static fn(Face $f): Reflectance => $kind->finish($f)->reflectance(), $kind->roof());
        self::assertSame([$length, $width, $height], [$room->length, $room->width, $room->height]);
        self::assertSame($isPitched, $room->roof !== null);
        self::assertSame($kind === RoomKind::OpenAir, $room->reflectance(Face::Ceiling)->share->luminance() === 0.0);
    }

    /** @return iterable<string, array{RoomKind, bool}> */
    public static function rooms(): iterable
    {
        foreach (RoomKind::cases() as $kind) {
            yield $kind->value => [$kind, in_array($kind, [RoomKind::Barn, RoomKind::Marquee], true)];
        }
    }

    public function testTwoHalvesOfAGelMakeAWholeWithinWhatSheetsDiffer(): void
    {
        foreach ([[GelKind::HalfOrange, GelKind::FullOrange], [GelKind::QuarterOrange, GelKind::HalfOrange], [GelKind::QuarterBlue, GelKind::HalfBlue]] as [$half, $whole]) {
            self::assertEqualsWithDelta($whole->gel()->shift->mired, 2.0 * $half->gel()->shift->mired, 10.0, $whole->inWords());
            self::assertGreaterThan($half->gel()->loss->value, $whole->gel()->loss->value);
        }
    }

    public function testOrangeTakesBlueAwayAndBlueTakesRed(): void
    {
        foreach (GelKind::cases() as $kind) {
            $passes = $kind->gel()->transmission(Kelvin::of(Gel::USUAL_HEAD));
            self::assertSame($kind->gel()->shift->mired > 0.0, $passes->r > $passes->b, $kind->inWords());
            self::assertGreaterThan(0.0, min($passes->r, $passes->g, $passes->b));
        }
    }
}
