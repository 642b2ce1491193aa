<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Solve;

use Eris\Generators;
use Eris\TestTrait;
use Kaddle\Core\Advice\Remedy;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Limit;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Shortfall;
use Kaddle\Core\Solve\ShortfallKind;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\Reason;
use Kaddle\Core\Words\ReasonWords;
use Kaddle\Core\Words\RemedyWords;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MomentSolverTest extends TestCase
{
    use TestTrait;

    /**
     * Supper by hand: hold 1/35 s, so 1/40. EV 4 at 1.5 under is EV 5.5, so
     * log2(S/100) = 16/3 + 4 − 5.5 = 3.83, between ISO 1250 and 1600.
     */
    public function testSupperByHand(): void
    {
        $settings = self::solve([])->best->choice->settings;
        self::assertSame('1/40', $settings->shutter->label());
        self::assertSame('f/4', $settings->aperture->label());
        self::assertContains($settings->iso->label(), ['1250', '1600']);
    }

    /**
     * Direct flash by hand, nothing reflecting: GN 28 at 3 m on the axis of a
     * level head gives 2.5·784/9 = 217.8 lx·s; the room gives 2^−1.667 of
     * correct, 0.685 is missing; correct at f/4 and ISO 1260 is 3.175 lx·s, so
     * p = 0.685·3.175/217.8 = 1/100, which is −6.65 stops: 1/128 +⅓.
     */
    public function testDirectFlashByHand(): void
    {
        $solution = self::solve([
            'head' => 'direct',
            'room.finishes' => Moments::everywhere('open'),
            'subject.height' => 1.8,
        ]);
        self::assertEqualsWithDelta(-6.65, $solution->best->wantedOutput, 0.02);
        self::assertSame('1/128 +⅓', $solution->best->output->label());
    }

    /**
     * Bounce by one ceiling alone, integrated independently: midpoint rule on a
     * 2 cm grid over the white ceiling of an otherwise black room gives
     * 19.51 lx·s on the face (GN 28, coverage 76°, head at 1.8 m, ceiling
     * 3.1 m at 0.7706 luminance reflectance, face 3 m away at 1.25 m); the head's own rectangle,
     * with the edge of PhotonTracer::printed(), gives 18.98, 0.04 stop less.
     */
    public function testBounceByOneCeilingByHand(): void
    {
        $solution = self::solve([
            'head' => 'up',
            'room.finishes' => ['ceiling' => 'limewash'] + Moments::everywhere('open'),
        ]);
        self::assertEqualsWithDelta(19.51, $solution->best->light->onFace(), 0.2);
    }

    /** The face comes right within half a click of the flash whenever the answer is that it can be had. */
    public function testFeasibleMeansRoomAndFaceAreRight(): void
    {
        $this->limitTo(40)->forAll(
            Generators::choose(-10, 90),
            Generators::choose(-3, 12),
            Generators::choose(10, 120),
            Generators::choose(22, 90),
            Generators::elements('third', 'half'),
        )->withMaxSize(40)->then(static function (int $ev, int $under, int $distance, int $height, string $step): void {
            $moment = self::moment([
                'glow.ev' => $ev / 10.0,
                'look.roomUnder' => $under / 3.0,
                'subject.distance' => $distance / 10.0,
                'room.height' => $height / 10.0,
                'body.step' => $step,
                'body.sync' => '1/250',
            ]);
            $solution = MomentSolver::solve($moment);
            $settings = $solution->best->choice->settings;
            self::assertTrue($settings->iso->sv->thirtieths >= 0 && $settings->iso->sv->thirtieths <= 180);
            self::assertLessThanOrEqual(240, $settings->shutter->tv->thirtieths);
            self::assertGreaterThanOrEqual($moment->body->steadinessAt(35.0)->timeValue(), $settings->shutter->tv->value());
            self::assertTrue($settings->shutter->tv->isOn($moment->body->step));
            if ($solution->isFeasible()) {
                self::assertLessThanOrEqual(0.251, abs($solution->levels->room->minus($moment->roomLevel)->value));
                $room = $solution->levels->room;
                $right = $room->ratio() > 0.75 ? $room->withLight(Stops::of(-2.0)) : Stops::of(0.0);
                self::assertEqualsWithDelta($right->value, $solution->levels->face->value, 0.17);
                self::assertSame([], Remedy::allFor($solution));
            } else {
                self::assertNotSame([], $solution->shortfalls);
            }
        });
    }

    public function testABlackHallWithATinyFlashFallsShortByANumberAndSaysWhatHelps(): void
    {
        $solution = self::solve([
            'room' => ['length' => 40, 'width' => 20, 'height' => 9, 'finishes' => Moments::everywhere('black-drape')],
            'subject.distance' => 30,
            'glow.ev' => -5,
            'flash.guideNumber' => 4,
        ]);
        self::assertFalse($solution->isFeasible());
        $missing = [];
        foreach ($solution->shortfalls as $shortfall) {
            $missing[$shortfall->kind->value] = $shortfall->stops->value;
        }
        // Room: EV −3.5 asked; 1/40, f/1.8, ISO 6400 reach log2(1.78²·40.3) − 6 = 1.0, so 4.5 short.
        self::assertEqualsWithDelta(4.5, $missing['room-too-dark'] ?? 0.0, 0.01);
        // Flash: GN 4 direct at 30 m and ISO 6400 allows f/1.07 for correct light; f/1.78 is 1.5 stops tighter.
        self::assertEqualsWithDelta(1.5, $missing['flash-too-weak'] ?? 0.0, 0.1);
        $sentences = implode("\n", array_map(static fn(Remedy $r): string => RemedyWords::of($r, Voice::plain()), Remedy::allFor($solution)));
        self::assertStringContainsString('guide number 7 m', $sentences);
        self::assertStringContainsString('on a stand', $sentences);
        self::assertStringContainsString('m away instead', $sentences);
        self::assertSame(Limit::FullOutput, $solution->outputBound());
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('impossibleMoments')]
    public function testNamesWhatCannotBeHad(array $changes, ShortfallKind $kind): void
    {
        $solution = self::solve($changes);
        self::assertContains($kind, array_map(static fn(Shortfall $s): ShortfallKind => $s->kind, $solution->shortfalls));
        self::assertNotSame([], Remedy::allFor($solution));
    }

    /** @return iterable<string, array{array<string, mixed>, ShortfallKind}> */
    public static function impossibleMoments(): iterable
    {
        yield 'noon on the quay' => [['glow.ev' => 16, 'look.roomUnder' => 3, 'lens.narrowest' => 'f/8'], ShortfallKind::RoomTooBright];
        yield 'no room light at all' => [['glow.ev' => -6], ShortfallKind::RoomTooDark];
        yield 'a head at the sky' => [['head' => 'up', 'room.finishes' => Moments::everywhere('open')], ShortfallKind::FlashTooWeak];
        yield 'a strong unit at arm’s length' => [['head' => 'direct', 'subject.distance' => 0.5, 'flash.guideNumber' => 100, 'flash.lowestUnderFull' => 3], ShortfallKind::FlashTooStrong];
        yield 'a long lens unsteadied' => [['lens.focalLength' => 400], ShortfallKind::Shaky];
    }

    public function testUnderOpenSkyTheHeadPointsAtTheFace(): void
    {
        self::assertSame(HeadAim::Direct, self::solve(['room.finishes' => Moments::everywhere('open')])->best->light->aim);
        self::assertTrue(self::solve([])->best->light->aim->isBounced());
    }

    public function testTheShutterGetsFasterToSpareTheFlash(): void
    {
        $solution = self::solve(['flash.guideNumber' => 9, 'head' => 'up']);
        self::assertSame(Limit::QuarterOutput, $solution->best->choice->shutterBound);
        self::assertLessThanOrEqual(-2.0, $solution->best->wantedOutput);
    }

    public function testARoomThatLightsTheFaceLeavesFillOnly(): void
    {
        $solution = self::solve(['look.roomUnder' => 0, 'glow.ev' => 7]);
        self::assertEqualsWithDelta(-2.0, $solution->levels->faceFlash->value, 0.17);
        self::assertStringContainsString('fill', implode(' ', array_map(static fn(Reason $r): string => $r->sentence, ReasonWords::of($solution, Voice::plain()))));
    }

    public function testDoublingTheDistanceCostsTwoStopsOfDirectLight(): void
    {
        $near = self::solve(['head' => 'direct', 'room.finishes' => Moments::everywhere('open'), 'subject.height' => 1.8, 'subject.distance' => 2, 'flash.lowestUnderFull' => 9]);
        $far = self::solve(['head' => 'direct', 'room.finishes' => Moments::everywhere('open'), 'subject.height' => 1.8, 'subject.distance' => 4, 'flash.lowestUnderFull' => 9]);
        self::assertEqualsWithDelta(2.0, $far->best->wantedOutput - $near->best->wantedOutput, 1e-9);
    }

    /** @param array<string, mixed> $changes */
    private static function solve(array $changes): Solution
    {
        return MomentSolver::solve(self::moment($changes));
    }

    /** @param array<string, mixed> $changes */
    private static function moment(array $changes): Moment
    {
        return Moments::with($changes);
    }
}
