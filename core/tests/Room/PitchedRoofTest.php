<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Room;

use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\FlatRidge;
use Kaddle\Core\Room\PitchedRoof;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\RidgeWay;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Tests\Reference\PhotonTracer;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PitchedRoofTest extends TestCase
{
    /** Against photons traced by chance through the true roof; core/bench/roofs.php has the whole table. */
    #[DataProvider('roofs')]
    public function testAgreesWithPhotonsUnderTheTrueRoof(RidgeWay $way, Vector $aim, float $share): void
    {
        $room = self::room(4.0, 8.0, $way, $share);
        $head = self::head($aim);
        $truth = (new PhotonTracer($room, 11))->reflected($head->lobes[0], self::face(), 6000);
        $light = FlashInRoom::of($room)->at(['face' => self::face()])->exposures($head)['face'];
        self::assertEqualsWithDelta(0.0, log($light->first()->plus($light->later)->g / $truth, 2), 0.2);
    }

    /** @return iterable<string, array{RidgeWay, Vector, float}> */
    public static function roofs(): iterable
    {
        yield 'dark barn, up' => [RidgeWay::Along, Vector::of(0.0, 0.0, 1.0), 0.1];
        yield 'dark barn, forward into the slope' => [RidgeWay::Across, Vector::of(0.5, 0.0, 0.87), 0.1];
        yield 'white barn, at the left slope' => [RidgeWay::Along, Vector::of(0.0, 0.6, 0.8), 0.7];
        yield 'white barn, back' => [RidgeWay::Across, Vector::of(-0.6, 0.0, 0.8), 0.7];
    }

    public function testTheTracerAgreesWithTheEngineUnderAFlatCeiling(): void
    {
        $room = BoxRoom::fromMetres(20.0, 10.0, 4.0, self::finish(0.6));
        $head = self::head(Vector::of(0.0, 0.0, 1.0));
        $light = FlashInRoom::of($room)->at(['face' => self::face()])->exposures($head)['face'];
        $truth = (new PhotonTracer($room, 5))->reflected($head->lobes[0], self::face(), 6000);
        self::assertEqualsWithDelta(0.0, log($light->first()->plus($light->later)->g / $truth, 2), 0.12);
    }

    public function testAlmostNoRidgeIsAlmostAFlatCeiling(): void
    {
        $light = static fn(BoxRoom $room): float => FlashInRoom::of($room)->at(['face' => self::face()])
            ->exposures(self::head(Vector::of(0.2, 0.1, 1.0)))['face']->total()->g;
        $flat = $light(BoxRoom::fromMetres(20.0, 10.0, 4.0, self::finish(0.6)));
        self::assertEqualsWithDelta(0.0, log($light(self::room(4.0, 4.1, RidgeWay::Along, 0.6)) / $flat, 2), 0.06);
    }

    public function testMirroredSlopesGiveMirroredLight(): void
    {
        $light = static fn(float $side): float => FlashInRoom::of(self::room(3.0, 6.0, RidgeWay::Along, 0.6))->at(['face' => self::face()])
            ->exposures(self::head(Vector::of(0.2, $side, 0.8)))['face']->total()->g;
        self::assertEqualsWithDelta(0.0, log($light(0.6) / $light(-0.6), 2), 0.02);
    }

    public function testTheCeilingFollowsTheRoof(): void
    {
        $along = self::room(4.0, 8.0, RidgeWay::Along, 0.5);
        self::assertSame([4.0, 6.0, 8.0, 4.0], [
            $along->ceilingOver(7.0, 0.0), $along->ceilingOver(7.0, 2.5), $along->ceilingOver(7.0, 5.0), $along->ceilingOver(7.0, 10.0),
        ]);
        self::assertSame(6.0, $along->meanHeight());
        self::assertTrue($along->contains(Vector::of(5.0, 5.0, 7.5)));
        self::assertFalse($along->contains(Vector::of(5.0, 1.0, 7.5)));
        self::assertCount(2, $along->ceilingLine(5.0));
        self::assertSame(8.0, self::room(4.0, 8.0, RidgeWay::Across, 0.5)->ceilingLine(5.0)[1]->z ?? null);
    }

    public function testRefusesARidgeUnderTheEaves(): void
    {
        $this->expectException(FlatRidge::class);
        $this->expectExceptionMessage('With these eaves the ridge must be 4.1 to 40 m high; it is 3.');
        PitchedRoof::over(4.0, 3.0, RidgeWay::Along);
    }

    private static function room(float $eaves, float $ridge, RidgeWay $way, float $share): BoxRoom
    {
        return BoxRoom::fromMetres(20.0, 10.0, $eaves, self::finish($share), PitchedRoof::over($eaves, $ridge, $way));
    }

    /** @return pure-callable(Face): Reflectance */
    private static function finish(float $share): callable
    {
        return static fn(Face $f): Reflectance => $f === Face::Floor ? Reflectance::of(0.2, 0.2, 0.2) : Reflectance::of($share, $share, $share);
    }

    private static function head(Vector $aim): Head
    {
        return Head::at(Vector::of(6.0, 5.0, 1.8), Direction::along($aim), Beam::fromGuideNumber(30.0, 40.0));
    }

    private static function face(): Probe
    {
        return Probe::at(Vector::of(9.0, 5.0, 1.6), Direction::along(Vector::of(-1.0, 0.0, 0.0)));
    }
}
