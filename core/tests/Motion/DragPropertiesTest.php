<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Motion;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Motion\BackdropLamp;
use Kaddle\Core\Motion\Beats;
use Kaddle\Core\Motion\CameraMove;
use Kaddle\Core\Motion\CameraMoveKind;
use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Motion\Exposing;
use Kaddle\Core\Motion\FramePoint;
use Kaddle\Core\Motion\Ghost;
use Kaddle\Core\Motion\GhostVerdict;
use Kaddle\Core\Motion\Going;
use Kaddle\Core\Motion\LampBeat;
use Kaddle\Core\Motion\OpenTime;
use Kaddle\Core\Motion\PopTimes;
use Kaddle\Core\Motion\Trail;
use Kaddle\Core\Motion\TrailShape;
use Kaddle\Core\Motion\Way;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What must hold of every long exposure. */
final class DragPropertiesTest extends TestCase
{
    public function testTwiceTheTimeIsTwiceTheTrailOfAMovingLampAndTheSameBrightness(): void
    {
        [$short, $long] = [self::trail(self::lamp(speed: 1.5), 0.25), self::trail(self::lamp(speed: 1.5), 0.5)];
        self::assertEqualsWithDelta(2.0 * $short->length, $long->length, 1e-9);
        self::assertEqualsWithDelta($short->level->value, $long->level->value, 1e-9);
        self::assertFalse($long->growsWithTime());
    }

    public function testALampThatStandsGrowsAStopForTwiceTheTime(): void
    {
        [$short, $long] = [self::trail(self::lamp(), 0.25), self::trail(self::lamp(), 0.5)];
        self::assertSame([TrailShape::Dot, TrailShape::Dot], [$short->shape, $long->shape]);
        self::assertEqualsWithDelta(1.0, $long->level->value - $short->level->value, 1e-9);
        self::assertTrue($long->growsWithTime());
    }

    #[DataProvider('moves')]
    public function testBackwardsLeadsToWhereAThingLayBeforeTheCameraMoved(CameraMoveKind $kind, float $angle, float $ratio): void
    {
        $move = CameraMove::ofDegrees($kind, $angle, $ratio, null);
        $optics = Optics::ofMillimetres(35.0, 1.0);
        foreach ([[0.0, 0.0], [0.4, -0.2], [-0.3, 0.3]] as [$x, $y]) {
            foreach ([0.0, 0.3, 1.0] as $done) {
                $now = $move->moved(new FramePoint($x, $y), $done, $optics);
                $m = $move->backwards($done, $optics);
                $third = $m[6] * $now->x + $m[7] * $now->y + $m[8];
                self::assertGreaterThan(0.0, $third);
                self::assertEqualsWithDelta($x, ($m[0] * $now->x + $m[1] * $now->y + $m[2]) / $third, 1e-9);
                self::assertEqualsWithDelta($y, ($m[3] * $now->x + $m[4] * $now->y + $m[5]) / $third, 1e-9);
            }
        }
    }

    /** @return iterable<string, array{CameraMoveKind, float, float}> */
    public static function moves(): iterable
    {
        yield 'still' => [CameraMoveKind::Still, 0.0, 1.0];
        yield 'twisted' => [CameraMoveKind::Twist, -25.0, 1.0];
        yield 'swept' => [CameraMoveKind::Sweep, 20.0, 1.0];
        yield 'tilted' => [CameraMoveKind::Tilt, -15.0, 1.0];
        yield 'zoomed' => [CameraMoveKind::Zoom, 0.0, 2.0];
    }

    /** Two stops opened with the time cut to a quarter: a lamp out of focus doubles its image, a sharp one does not. */
    public function testAnOpenLensGivesTrailsAStopOrTwo(): void
    {
        $gain = static fn(float $away): float => self::trail(self::lamp(speed: 3.0, away: $away), 0.125, 'f/2')->level->value
            - self::trail(self::lamp(speed: 3.0, away: $away), 0.5, 'f/4')->level->value;
        self::assertEqualsWithDelta(2.0, $gain(3.0), 0.05);
        self::assertEqualsWithDelta(1.0, $gain(60.0), 0.45);
    }

    public function testAGhostInStopsDoesNotDependOnIso(): void
    {
        $at = static fn(float $iso): Ghost => Ghost::of(0.3 * $iso, 0.7 * $iso, 1.1, 0.05 * $iso, 0.02 * $iso, 0.1, 0.05);
        self::assertEqualsWithDelta($at(1.0)->under->value, $at(8.0)->under->value, 1e-9);
        self::assertEqualsWithDelta($at(1.0)->against->value, $at(8.0)->against->value, 1e-9);
    }

    /** @param list<float> $light room, flash, tone, behind, behind by flash, width, smear */
    #[DataProvider('figures')]
    public function testEatenIsToldFromGhost(array $light, GhostVerdict $verdict): void
    {
        self::assertSame($verdict, Ghost::of(...$light)->verdict);
    }

    /** @return iterable<string, array{list<float>, GhostVerdict}> */
    public static function figures(): iterable
    {
        yield 'light clothes before a dark hall' => [[0.25, 0.75, 3.3, 0.02, 0.0, 0.15, 0.06], GhostVerdict::Ghost];
        yield 'a dark coat before a bright wall' => [[0.25, 0.75, 0.4, 1.2, 0.1, 0.15, 0.06], GhostVerdict::Eaten];
        yield 'hardly any way' => [[0.25, 0.75, 1.1, 0.02, 0.0, 0.15, 0.004], GhostVerdict::SoftEdge];
        yield 'no way' => [[0.25, 0.75, 1.1, 0.02, 0.0, 0.15, 0.0], GhostVerdict::Clean];
        yield 'a dark room' => [[0.03, 0.97, 1.1, 0.02, 0.0, 0.15, 0.06], GhostVerdict::Clean];
        yield 'a hand on a long way' => [[0.25, 0.75, 1.0, 0.0001, 0.0, 0.033, 0.246], GhostVerdict::Clean];
        yield 'as bright as what is behind' => [[0.25, 0.75, 1.0, 0.25, 0.1, 0.15, 0.06], GhostVerdict::Clean];
        yield 'nothing but the room' => [[1.0, 0.0, 1.0, 0.2, 0.0, 0.15, 0.06], GhostVerdict::Ghost];
    }

    /** Row by row, but for the millisecond that the second pops early. */
    public function testFirstAndSecondCurtainAreMirrorImagesInTime(): void
    {
        [$first, $second] = array_map(static fn(Curtain $c): PopTimes => PopTimes::of($c, 0.25, Shutter::fromLabel('1/200', Step::Third), true), Curtain::cases());
        foreach ([0.0, 0.3, 0.5, 1.0] as $row) {
            self::assertEqualsWithDelta($first->before($row), $second->after(1.0 - $row) - 0.001, 1e-9);
            foreach ([$first, $second] as $times) {
                self::assertEqualsWithDelta(0.25, $times->before($row) + $times->after($row), 1e-9, 'the stages are the whole');
            }
        }
        self::assertSame(0.08, $first->preflash);
        self::assertLessThan($first->opens, $first->preflash, 'the preflash leaves before the shutter opens');
    }

    public function testWhoHoldsStillDoesNotSmear(): void
    {
        self::assertSame(0.0, self::exposing(30.0)->smearOf(Going::ofMetresPerSecond(0.0), 0.225, 3.0));
    }

    /** Straight at the lens the middle stays and the sides grow: f·h·(1/(d − vt − f) − 1/(d − f)). */
    public function testWhoComesNearerGrows(): void
    {
        $smear = self::exposing(0.5)->smearOf(Going::ofMetresPerSecond(1.0, 90.0), 0.225, 3.0);
        self::assertEqualsWithDelta(0.035 / 0.036 * 0.225 * (1.0 / 2.465 - 1.0 / 2.965), $smear, 1e-6);
    }

    public function testATwistLeavesTheMiddleSharpAndDrawsArcs(): void
    {
        $twist = CameraMove::ofDegrees(CameraMoveKind::Twist, 40.0, 1.0, null);
        self::assertEqualsWithDelta(0.0, self::trail(self::lamp(across: 0.0, up: 0.0), 0.25, 'f/8', $twist)->length, 1e-12);
        $arc = self::trail(self::lamp(across: 2.0, up: 0.0), 0.25, 'f/8', $twist);
        self::assertSame(TrailShape::Arc, $arc->shape);
        self::assertEqualsWithDelta(deg2rad(40.0) * 2.0 * 0.035 / (10.0 - 0.035) / 0.036, $arc->length, 1e-4);
    }

    public function testEveryMoveDrawsItsShape(): void
    {
        $shape = static fn(CameraMoveKind $kind, float $angle, float $ratio, ?float $seconds): TrailShape => self::trail(
            self::lamp(across: 2.0, up: 1.5),
            1.0,
            'f/8',
            CameraMove::ofDegrees($kind, $angle, $ratio, $seconds),
        )->shape;
        self::assertSame(TrailShape::Ray, $shape(CameraMoveKind::Zoom, 0.0, 1.5, null));
        self::assertSame(TrailShape::Line, $shape(CameraMoveKind::Sweep, 4.0, 1.0, null));
        self::assertSame(TrailShape::Hook, $shape(CameraMoveKind::Sweep, 4.0, 1.0, 0.5), 'it stands for half a second first');
        self::assertSame(TrailShape::Dot, $shape(CameraMoveKind::Still, 0.0, 1.0, null));
    }

    /** A lamp that stands for half of the time leaves half of its light there. */
    public function testAStopOnTheWayLeavesItsShare(): void
    {
        $trail = self::trail(self::lamp(across: 1.0), 1.0, 'f/8', CameraMove::ofDegrees(CameraMoveKind::Sweep, 8.0, 1.0, 0.5));
        self::assertEqualsWithDelta(-1.0, $trail->levels[10]->value - $trail->standing->value, 0.06);
    }

    /** All that the steps of a way gather is the light of the whole time. */
    public function testTheStagesOfATrailAreTheWholeExposure(): void
    {
        $way = Way::during(1.0, static fn(float $at): FramePoint => new FramePoint(0.4 * $at, 0.1 * sin(3.0 * $at)));
        $light = 0.0;
        foreach ($way->dwells(0.01) as $i => $dwell) {
            $light += $dwell * $way->steps()[$i] / 0.01;
        }
        self::assertEqualsWithDelta(1.0, $light, 1e-4);
    }

    public function testDashesOfLampsThatBeatLieAsFarApartAsABeatGoes(): void
    {
        $trail = self::trail(self::lamp(speed: 15.0, size: 1.0, beat: LampBeat::Mains), 0.1);
        self::assertEqualsWithDelta(0.035 / (10.0 - 0.035) / 0.036 * 15.0 / 100.0, $trail->dashes, 1e-6);
        self::assertNull(self::trail(self::lamp(speed: 15.0, size: 1.0, beat: LampBeat::Even), 0.1)->dashes);
    }

    public function testBeatsAreLostWhileTheUnitCharges(): void
    {
        self::assertSame([1, []], [Beats::perMinute(120.0, 0.4)->every, Beats::perMinute(120.0, 0.4)->lost()]);
        self::assertSame([2, 3, 5, 6, 8], Beats::perMinute(120.0, 1.3)->lost());
    }

    /** @param \Closure(): mixed $build */
    #[DataProvider('impossible')]
    public function testWhatCannotBeIsNotBuilt(\Closure $build): void
    {
        $this->expectException(OutOfRange::class);
        $build();
    }

    /** @return iterable<string, array{\Closure(): mixed}> */
    public static function impossible(): iterable
    {
        yield 'faster than anybody' => [static fn(): Going => Going::ofMetresPerSecond(15.1)];
        yield 'no time' => [static fn(): Exposing => self::exposing(0.0)];
        yield 'more than an hour' => [static fn(): Exposing => self::exposing(3601.0)];
        yield 'more than a turn' => [static fn(): CameraMove => CameraMove::ofDegrees(CameraMoveKind::Twist, 361.0, 1.0, null)];
        yield 'a zoom to nothing' => [static fn(): CameraMove => CameraMove::ofDegrees(CameraMoveKind::Zoom, 0.0, 0.0, null)];
    }

    private static function lamp(
        float $across = 1.0,
        float $up = 0.5,
        float $away = 10.0,
        float $speed = 0.0,
        float $size = 20.0,
        LampBeat $beat = LampBeat::Even,
    ): BackdropLamp {
        return BackdropLamp::ofMetres($across, $up, $away, ExposureValue::atIso100(12.0), $size, Kelvin::of(2700.0), $speed, 0.0, $beat);
    }

    private static function trail(BackdropLamp $lamp, float $seconds, string $aperture = 'f/8', ?CameraMove $move = null): Trail
    {
        return Trail::of($lamp, self::exposing($seconds, $aperture, $move), 3.0, 6000, 50);
    }

    private static function exposing(float $seconds, string $aperture = 'f/8', ?CameraMove $move = null): Exposing
    {
        $settings = ExposureSettings::of(
            Shutter::fromLabel('1/60', Step::Third),
            Aperture::fromLabel($aperture, Step::Third),
            Iso::fromLabel('100', Step::Third),
        );

        return new Exposing(Optics::ofMillimetres(35.0, 1.0), OpenTime::of($settings, $seconds), $move ?? CameraMove::none());
    }
}
