<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Wish;

use Kaddle\Core\Advice\Offer;
use Kaddle\Core\Advice\OfferKind;
use Kaddle\Core\Advice\Role;
use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Solve\Limit;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Schools, a light that is kept, fill, and help for rooms that are too bright. */
final class LookTest extends TestCase
{
    public function testIsoFloatsKeepsTimeAndApertureFromRoomToRoom(): void
    {
        $settings = static fn(float $ev, float $guide): array => self::labels(self::solve(['look.school' => 'iso-floats', 'glow.ev' => $ev, 'flash.guideNumber' => $guide]));
        [$shutter, $aperture, $dim] = $settings(3.0, 12);
        [$later, $same, $bright] = $settings(5.0, 12);
        self::assertSame(['1/40', 'f/4', '1/40', 'f/4'], [$shutter, $aperture, $later, $same]);
        self::assertEqualsWithDelta(4.0, (int) $dim / (int) $bright, 0.2, 'two stops of light are two stops of ISO');
    }

    /** Shutter first gives way to spare the flash, ISO floats does not. */
    public function testSchoolsPartWhereTheFlashHasToWork(): void
    {
        $weak = ['flash.guideNumber' => 9, 'head' => 'up'];
        self::assertSame(Limit::QuarterOutput, self::solve($weak)->best->choice->shutterBound);
        self::assertSame(Limit::HandHeld, self::solve($weak + ['look.school' => 'iso-floats'])->best->choice->shutterBound);
    }

    public function testLongTimeTakesTheLowestIsoAndForgivesShake(): void
    {
        $solution = self::solve(['look.school' => 'long-time', 'glow.ev' => 4, 'look.roomUnder' => 1]);
        self::assertSame('100', $solution->best->choice->settings->iso->label());
        self::assertGreaterThan(1.0 / 40.0, $solution->best->choice->settings->shutter->seconds(), 'slower than hands hold');
        self::assertTrue($solution->isFeasible());
        self::assertEqualsWithDelta(-1.0, $solution->levels->room->value, 0.17);
    }

    public function testLongTimeRaisesIsoOnlyAsFarAsTheFlashNeeds(): void
    {
        $solution = self::solve(['look.school' => 'long-time', 'flash.guideNumber' => 8, 'head' => 'up']);
        self::assertSame(Limit::FullOutput, $solution->best->choice->isoBound);
        self::assertGreaterThan(-0.5, $solution->best->wantedOutput, 'close to full power');
    }

    public function testFreeHandTakesTheThreeAsTheyAreAndMissesNothing(): void
    {
        $solution = self::solve(['look.school' => 'free-hand', 'look.locks' => ['shutter' => '1/4', 'aperture' => 'f/8', 'iso' => '400']]);
        self::assertSame(['1/4', 'f/8', '400'], self::labels($solution));
        self::assertSame([], $solution->shortfalls, 'the wish for the room binds nobody who set all three');
        self::assertGreaterThan(-0.17, $solution->levels->face->value);
    }

    #[DataProvider('lights')]
    public function testAKeptLightDecidesTheRoom(string $what, float $ev, float $reads): void
    {
        $solution = self::solve(['glow.ev' => 4, 'look.keep' => ['what' => $what, 'ev' => $ev]]);
        self::assertEqualsWithDelta($reads - ($ev - 4.0), $solution->levels->room->value, 0.17);
        $kept = $solution->moment->look->kept;
        self::assertNotNull($kept);
        self::assertEqualsWithDelta($reads, $kept->reads($solution->moment->glow, $solution->levels->room)->value, 0.17);
    }

    /** 1/250 at f/2.8 and ISO 800: EV 8 + 3 − 3. */
    public function testAKeptLightMayBeToldAsASpotMeterGaveIt(): void
    {
        $as = ['shutter' => '1/250', 'aperture' => 'f/2.8', 'iso' => '800'];
        $metered = Moments::with(['look.keep' => ['what' => 'candles', 'metered' => $as]])->look->kept;
        $told = Moments::with(['look.keep' => ['what' => 'candles', 'ev' => 8]])->look->kept;
        self::assertNotNull($metered);
        self::assertEquals($told?->level, $metered->level);
    }

    /** @return iterable<string, array{string, float, float}> EV, stops over metered that it may read */
    public static function lights(): iterable
    {
        yield 'candles four stops over the room' => ['candles', 8.0, 2.5];
        yield 'a window at dusk' => ['window', 7.0, 1.5];
        yield 'a white cloth' => ['cloth', 6.0, 2.0];
    }

    public function testADimKeptLightNeverMakesTheRoomBrighterThanAnyWish(): void
    {
        self::assertSame(1.0, self::solve(['glow.ev' => 4, 'look.keep' => ['what' => 'lamps', 'ev' => 3]])->moment->roomLevel->value);
    }

    public function testFillIsAsWished(): void
    {
        foreach ([1.0, 2.0, 3.0] as $under) {
            $solution = self::solve(['look.roomUnder' => 0, 'glow.ev' => 7, 'look.fill' => $under]);
            self::assertEqualsWithDelta(-$under, $solution->levels->faceFlash->value, 0.17);
        }
    }

    /** A filter takes both lights; pulsing takes two stops of flash at sync and one more for each stop beyond. */
    public function testHelpAgainstTooMuchLightCostsWhatItSays(): void
    {
        $sunny = ['glow.ev' => 12, 'look.roomUnder' => 0, 'look.aperture' => 'f/2.8', 'flash.highSpeed' => true, 'head' => 'direct'];
        $plain = self::solve($sunny);
        $offers = Offer::allFor($plain);
        self::assertSame([OfferKind::Density, OfferKind::HighSpeed], array_column($offers, 'kind'));
        $filtered = self::solve($sunny + ['look.nd' => $offers[0]->density]);
        self::assertSame('f/2.8', $filtered->best->choice->settings->aperture->label());
        self::assertEqualsWithDelta(0.0, $filtered->levels->room->value, 0.17);
        $pulsing = self::solve($sunny + ['look.highSpeed' => true])->best->choice->settings;
        $stops = $pulsing->shutter->tv->value() - $plain->moment->body->sync->tv->value();
        self::assertGreaterThan(0.5, $stops);
        self::assertEqualsWithDelta(2.0 + $stops, $pulsing->aids->flashLoss($pulsing->shutter), 1e-9);
        self::assertSame([1.0, 1.0], array_values(get_object_vars(Role::ofShutter($pulsing, $plain->levels))), 'the shutter then moves the flash as well');
    }

    /** EV 14 and 1.5 under ask for 1/6000 at f/2.8 and ISO 100: the fastest shutter is 1/4000. */
    public function testHighSpeedSyncIsNotOfferedWhereItWinsNothing(): void
    {
        $bright = static fn(float $under): array => ['flash.highSpeed' => true, 'glow.ev' => 14, 'look.aperture' => 'f/2.8', 'look.roomUnder' => $under];
        $kinds = static fn(float $under): array => array_column(Offer::allFor(MomentSolver::solve(Moments::with($bright($under)))), 'kind');
        self::assertSame([OfferKind::Density, OfferKind::HighSpeed], $kinds(1.0));
        self::assertSame([OfferKind::Density], $kinds(1.5));
    }

    public function testNothingIsOfferedWhereSyncIsFastEnoughOrNoWishBinds(): void
    {
        self::assertSame([], Offer::allFor(self::solve([])));
        self::assertSame([], Offer::allFor(self::solve(['glow.ev' => 14, 'look.school' => 'free-hand', 'look.locks' => ['shutter' => '1/60', 'aperture' => 'f/4', 'iso' => '100']])));
    }

    public function testAHeadTurnedByHandIsWeighedBesideTheOthers(): void
    {
        $left = self::solve(['head' => 'left']);
        $byHand = self::solve(['head' => 'by-hand', 'pointing' => ['turn' => 90, 'tilt' => 30]]);
        self::assertSame($left->best->output->label(), $byHand->best->output->label(), 'the same angles, the same light');
        self::assertCount(count($left->candidates) + 1, $byHand->candidates);
        self::assertSame('turn 90° left, tilt 30°', $byHand->best->light->aim->instruction($byHand->best->light->angles));
    }

    /** A pulsing flash lights the whole frame at any shutter that there is, 1/8000 too. */
    public function testThePulsesOfHighSpeedSyncLeaveNoDarkBar(): void
    {
        $held = ['look.school' => 'free-hand', 'look.locks' => ['shutter' => '1/8000', 'aperture' => 'f/2.8', 'iso' => '100'], 'glow.ev' => 14];
        $document = SolutionDocument::of(self::solve($held + ['look.highSpeed' => true, 'flash.highSpeed' => true]), Voice::plain());
        $troubles = array_column($document->shutter->ticks, 'trouble', 'label');
        self::assertSame(['1/8000', 'pulsing'], [$document->shutter->label, $troubles['1/8000']]);
        $this->expectException(FaultyDocument::class);
        $this->expectExceptionMessage('a bar of the frame would stay dark');
        self::solve($held);
    }

    /** The nearer to the axis of a narrow beam, the more of it arrives. */
    public function testAZoomSetByHandHolds(): void
    {
        $zoomed = ['flash' => ['zoom' => [['focalLength' => 24, 'guideNumber' => 28, 'coverage' => 84], ['focalLength' => 105, 'guideNumber' => 58, 'coverage' => 28]], 'bounceZoom' => 35, 'lowestUnderFull' => 9, 'step' => 'third'], 'head' => 'direct', 'subject.distance' => 5];
        $wide = self::solve($zoomed + ['zoom' => 24]);
        $narrow = self::solve($zoomed + ['zoom' => 105]);
        self::assertEqualsWithDelta(2.0 * log(58 / 28, 2), $wide->best->wantedOutput - $narrow->best->wantedOutput, 0.3, 'the room sends a little of the wide beam back');
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('refused')]
    public function testRefusesByField(array $changes, string $field, string $sentence): void
    {
        try {
            MomentReader::fromArray(Moments::documentWith($changes));
            self::fail('it was taken');
        } catch (FaultyDocument $e) {
            self::assertSame([$field, $sentence], [$e->faults[0]->field, $e->faults[0]->message]);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'high-speed sync that the unit has not' => [['look.highSpeed' => true], 'look.highSpeed', 'This flash unit has no high-speed sync.'];
        yield 'angles for a named way' => [['head' => 'up', 'pointing' => ['turn' => 0, 'tilt' => 0]], 'pointing', 'Angles are for a head that is turned by hand; choose that, or leave them out.'];
        yield 'a tilt into the floor' => [['head' => 'by-hand', 'pointing' => ['turn' => 0, 'tilt' => -40]], 'pointing.tilt', 'The tilt of the head must be −15 to 90 °; it is −40.'];
        yield 'too dense a filter' => [['look.nd' => 11], 'look.nd', 'The neutral density must be 0 to 10 stops; it is 11.'];
        yield 'a deep group' => [['people' => ['depth' => 21]], 'people.depth', 'The depth of the group must be 0 to 20 m; it is 21.'];
    }

    /** @return list<string> shutter, aperture, ISO */
    private static function labels(Solution $solution): array
    {
        $settings = $solution->best->choice->settings;

        return [$settings->shutter->label(), $settings->aperture->label(), $settings->iso->label()];
    }

    /** @param array<string, mixed> $changes */
    private static function solve(array $changes): Solution
    {
        return MomentSolver::solve(Moments::with($changes));
    }
}
