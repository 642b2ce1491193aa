<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Flash;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\Vector;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FlashInRoomTest extends TestCase
{
    /** What a guide number means: GN 40 at 5 m and ISO 100 is correct at f/8. */
    public function testGuideNumberByDefinition(): void
    {
        $head = Head::at(Vector::of(1.0, 2.0, 1.5), self::ahead(), Beam::fromGuideNumber(40.0, 35.0));
        $exposure = $head->straightTo(Probe::at(Vector::of(6.0, 2.0, 1.5), self::ahead()->opposite()));
        $settings = ExposureSettings::of(
            Shutter::fromLabel('1/60', Step::Third),
            Aperture::fromLabel('f/8', Step::Third),
            Iso::fromLabel('100', Step::Third),
        );
        self::assertEqualsWithDelta(0.0, $settings->levelOfFlash($exposure)->value, 1e-9);
    }

    public function testTheBeamIsHalfAtItsHalfAngle(): void
    {
        $beam = Beam::fromGuideNumber(28.0, 38.0);
        self::assertEqualsWithDelta(0.5, $beam->towards(cos(deg2rad(38.0))) / $beam->towards(1.0), 1e-12);
        self::assertEqualsWithDelta(deg2rad(38.0), $beam->halfAngle(), 1e-12);
        self::assertSame(0.0, $beam->towards(-0.5));
    }

    /** Doubling the distance costs two stops; that holds for direct light only. */
    public function testInverseSquareForDirectLightOnly(): void
    {
        $at = static fn(float $distance, Vector $aim): float => FlashInRoom::of(self::room(40.0, 12.0, 3.0, 0.7))
            ->at(['face' => Probe::at(Vector::of(3.0 + $distance, 6.0, 1.5), self::ahead()->opposite())])
            ->exposures(Head::at(Vector::of(3.0, 6.0, 1.5), Direction::along($aim), Beam::fromGuideNumber(30.0, 38.0)))['face']->total()->luminance();
        $up = Vector::of(0.0, 0.0, 1.0);
        $bounced = log($at(3.0, $up) / $at(6.0, $up), 2.0);
        $direct = log($at(1.0, Vector::of(1.0, 0.0, 0.0)) / $at(2.0, Vector::of(1.0, 0.0, 0.0)), 2.0);
        self::assertGreaterThan(1.8, $direct);
        self::assertLessThan(1.7, $bounced);
        self::assertGreaterThan(0.3, $bounced);
    }

    /**
     * One endless Lambert ceiling of reflectance ρ at height h over a head that
     * points up: back at the head, H = 2·ρ·I0/((n + 5)·h²). Own integral of
     * I0·cosⁿ⁺³θ/h² · ρ/π · cos⁴θ/h² over the ceiling.
     */
    public function testOneEndlessCeiling(): void
    {
        $beam = Beam::fromGuideNumber(30.0, 30.0);
        $black = Reflectance::of(0.0, 0.0, 0.0);
        $white = Reflectance::of(0.8, 0.8, 0.8);
        $room = BoxRoom::fromMetres(200.0, 200.0, 4.0, static fn(Face $f): Reflectance => $f === Face::Ceiling ? $white : $black);
        $place = Vector::of(100.0, 100.0, 1.5);
        $light = FlashInRoom::of($room)->at(['up' => Probe::at($place, Direction::up())])->exposures(Head::at($place, Direction::up(), $beam))['up'];
        $expected = 2.0 * 0.8 * $beam->axial / ((log(0.5) / log(cos(deg2rad(30.0))) + 5.0) * 2.5 ** 2);
        self::assertEqualsWithDelta(1.0, $light->first()->luminance() / $expected, 0.01);
        self::assertSame(0.0, $light->later->luminance());
        self::assertSame(0.0, $light->direct->luminance());
    }

    /** Lengths times k: exposure divided by k². */
    public function testScaling(): void
    {
        $at = static fn(float $k): float => FlashInRoom::of(self::room(12.0 * $k, 6.0 * $k, 3.0 * $k, 0.6))->at([
            'face' => Probe::at(Vector::of(6.0 * $k, 3.0 * $k, 1.4 * $k), self::ahead()->opposite()),
        ])->exposures(
            Head::at(Vector::of(2.0 * $k, 3.0 * $k, 1.5 * $k), Direction::along(Vector::of(0.4, 0.2, 1.0)), Beam::fromGuideNumber(30.0, 38.0)),
        )['face']->total()->luminance();
        self::assertEqualsWithDelta(9.0, $at(1.0) / $at(3.0), 1e-6);
    }

    public function testAMirroredRoomGivesTheSameLight(): void
    {
        $at = static fn(float $side): float => FlashInRoom::of(self::room(12.0, 6.0, 3.0, 0.6))->at([
            'face' => Probe::at(Vector::of(6.0, 3.0 + $side, 1.4), self::ahead()->opposite()),
        ])->exposures(
            Head::at(Vector::of(2.0, 3.0 + $side, 1.5), Direction::along(Vector::of(0.3, $side, 0.5)), Beam::fromGuideNumber(30.0, 38.0)),
        )['face']->total()->luminance();
        self::assertEqualsWithDelta(0.0, log($at(1.0) / $at(-1.0), 2.0), 0.02);
    }

    public function testLighterPaintNeverTakesLightAway(): void
    {
        $last = 0.0;
        foreach ([0.0, 0.2, 0.5, 0.8, 0.95] as $grey) {
            $light = FlashInRoom::of(self::room(12.0, 6.0, 3.0, $grey))->at([
                'face' => Probe::at(Vector::of(6.0, 3.0, 1.4), self::ahead()->opposite()),
            ])->exposures(
                Head::at(Vector::of(2.0, 3.0, 1.5), Direction::up(), Beam::fromGuideNumber(30.0, 38.0)),
            )['face']->total()->luminance();
            self::assertGreaterThanOrEqual($last, $light);
            $last = $light;
        }
        self::assertGreaterThan(0.0, $last);
    }

    public function testUnderOpenSkyNothingComesBack(): void
    {
        $light = FlashInRoom::of(self::room(30.0, 30.0, 20.0, 0.0))->at([
            'face' => Probe::at(Vector::of(5.0, 15.0, 1.6), self::ahead()->opposite()),
        ])->exposures(
            Head::at(Vector::of(2.0, 15.0, 1.8), Direction::up(), Beam::fromGuideNumber(60.0, 38.0)),
        )['face'];
        self::assertSame(0.0, $light->total()->luminance());
    }

    #[DataProvider('impossibleBeams')]
    public function testRefusesImpossibleBeams(float $guideNumber, float $halfAngle, string $words): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage($words);
        Beam::fromGuideNumber($guideNumber, $halfAngle);
    }

    /** @return iterable<string, array{float, float, string}> */
    public static function impossibleBeams(): iterable
    {
        yield 'no light' => [0.0, 38.0, 'The guide number must be 2 to 120 m; it is 0.'];
        yield 'no width' => [30.0, 0.0, 'The half-angle must be 3 to 85 °; it is 0.'];
        yield 'half a sphere at full strength' => [30.0, 90.0, 'The half-angle must be 3 to 85 °; it is 90.'];
    }

    private static function ahead(): Direction
    {
        return Direction::along(Vector::of(1.0, 0.0, 0.0));
    }

    private static function room(float $length, float $width, float $height, float $grey): BoxRoom
    {
        return BoxRoom::fromMetres($length, $width, $height, static fn(Face $f): Reflectance => Reflectance::of($grey, $grey, $grey));
    }
}
