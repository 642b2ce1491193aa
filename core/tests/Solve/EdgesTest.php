<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Solve;

use Kaddle\Core\Advice\PopHold;
use Kaddle\Core\Advice\Remedy;
use Kaddle\Core\Advice\RemedyKind;
use Kaddle\Core\Advice\Spares;
use Kaddle\Core\Colour\GelKind;
use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\Modifier;
use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Solve\Doubt;
use Kaddle\Core\Solve\Limit;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\NoWay;
use Kaddle\Core\Solve\Shortfall;
use Kaddle\Core\Solve\ShortfallKind;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Advice at the edges: what no practitioner would do is not advised. */
final class EdgesTest extends TestCase
{
    /** A yard: straight is too strong, and yet nothing else is a way; all others are left out for the open faces. */
    public function testInOpenAirStraightIsTheOnlyWayHoweverStrong(): void
    {
        $solution = self::solve(['subject.distance' => 1.0, 'glow.ev' => 2, ...self::yard()]);
        self::assertSame(HeadAim::Direct, $solution->best->light->aim);
        self::assertTrue($solution->best->choice->isFallenForFlash());
        self::assertGreaterThan(1.0, $solution->best->choice->tooDark);
        self::assertEqualsWithDelta(0.0, $solution->levels->face->value, 0.2, 'and the face is right');
        foreach ($solution->candidates as $candidate) {
            self::assertSame(HeadAim::Direct, $candidate->light->aim);
        }
        self::assertCount(8, $solution->leftOut);
        foreach ($solution->leftOut as $candidate) {
            self::assertSame(NoWay::Open, $candidate->noWay());
        }
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<RemedyKind> $kinds
     */
    #[DataProvider('helps')]
    public function testTooStrongIsHelpedInTheOrderOfWhatItCosts(array $changes, Spares $spares, array $kinds): void
    {
        $remedies = Remedy::allFor(self::solve(['subject.distance' => 1.0, 'glow.ev' => 2, ...self::yard(), ...$changes]), $spares);
        self::assertSame($kinds, array_map(static fn(Remedy $r): RemedyKind => $r->kind, $remedies));
        self::assertSame($remedies[0]->worth->value, $remedies[count($remedies) - 1]->worth->value);
        foreach ($remedies as $remedy) {
            self::assertLessThanOrEqual($remedies[0]->worth->value, $remedy->worth->value);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, Spares, list<RemedyKind>}> */
    public static function helps(): iterable
    {
        $dome = Modifier::fromCatalogue(ModifierKind::Dome);
        yield 'an empty bag' => [[], Spares::of([], []), [RemedyKind::SlowerShutter, RemedyKind::StepBack]];
        yield 'a card covers no head' => [[], Spares::of([Modifier::fromCatalogue(ModifierKind::Card)], []), [RemedyKind::SlowerShutter, RemedyKind::StepBack]];
        yield 'a dome' => [[], Spares::of([$dome], []), [RemedyKind::SlowerShutter, RemedyKind::Cover, RemedyKind::StepBack]];
        yield 'gels' => [[], Spares::of([], [GelKind::FullOrange->gel(), GelKind::HalfOrange->gel()]), [RemedyKind::SlowerShutter, RemedyKind::Gels, RemedyKind::StepBack]];
    }

    public function testWithoutFlashEverythingOfItIsNought(): void
    {
        $solution = self::solve(['look.withoutFlash' => true, 'look.roomUnder' => 1]);
        self::assertSame([HeadAim::Off, 'off', 0.0, Limit::NoFlash], [$solution->best->light->aim, $solution->best->output->label(), $solution->best->output->share(), $solution->outputBound()]);
        self::assertSame($solution->levels->room->value, $solution->levels->face->value);
        self::assertSame([-INF, -INF], [$solution->levels->faceFlash->value, $solution->levels->spill->value]);
        self::assertSame(PopHold::NoFlash, PopHold::of($solution));
        $document = SolutionDocument::of($solution, Voice::plain());
        self::assertSame(['off', []], [$document->output->label, $document->output->ticks]);
        self::assertStringContainsString('reads −1.', implode(' ', array_column($document->reasons, 'sentence')), 'what the face reads is told');
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('excesses')]
    public function testTooMuchIsAFaultAsTooLittleIs(array $changes, ?ShortfallKind $kind): void
    {
        $solution = self::solve($changes);
        self::assertSame($kind === null ? [] : [$kind], array_map(static fn(Shortfall $s): ShortfallKind => $s->kind, $solution->shortfalls));
        self::assertSame($kind === null, Remedy::allFor($solution) === []);
    }

    /** @return iterable<string, array{array<string, mixed>, ShortfallKind|null}> */
    public static function excesses(): iterable
    {
        $held = ['look.school' => 'free-hand', 'look.locks' => ['shutter' => '1/100', 'aperture' => 'f/4', 'iso' => '1600']];
        yield 'a room held four over' => [['glow.ev' => 10.64, ...$held], ShortfallKind::RoomTooBright];
        yield 'held most of a stop over' => [['glow.ev' => 7.5, ...$held], ShortfallKind::FaceTooBright];
        yield 'held as metered' => [['glow.ev' => 6.64, ...$held], null];
        yield 'a room that is wished one over' => [['glow.ev' => 6, 'look.roomUnder' => -1], null];
        yield 'fill a stop under, as wished' => [['glow.ev' => 6, 'look.roomUnder' => 0, 'look.fill' => 1], null];
    }

    /** By hand straight at the face, and by name: the same way, weighed the same. */
    public function testAHeadThatAHandTurnsToTheFaceIsMeant(): void
    {
        $byHand = Moments::candidate(self::solve(['head' => 'by-hand', 'pointing' => ['turn' => 0, 'tilt' => 0]]), HeadAim::ByHand);
        $direct = Moments::candidate(self::solve([]), HeadAim::Direct);
        self::assertFalse($byHand->light->isBounced());
        self::assertEqualsWithDelta($direct->trouble(), $byHand->trouble(), 0.2);
        self::assertTrue(Moments::candidate(self::solve(['head' => 'by-hand', 'pointing' => ['turn' => 0, 'tilt' => 60]]), HeadAim::ByHand)->light->isBounced());
    }

    /** Red walls tint by 65 mired and more: they cost more than the stop of output that a neutral ceiling takes. */
    public function testAStrongCastCostsMoreThanAStopOfOutput(): void
    {
        $solution = self::solve(['room.finishes' => ['left' => 'wine-drape', 'right' => 'red-brick', 'ceiling' => 'white-plaster'] + Moments::everywhere('white-plaster')]);
        $red = Moments::candidate($solution, HeadAim::Right);
        $neutral = Moments::candidate($solution, HeadAim::Up);
        self::assertGreaterThan(10.0, $red->light->cast->warmth->mired - $neutral->light->cast->warmth->mired);
        self::assertGreaterThan($neutral->trouble(), $red->trouble());
    }

    /** At the liked aperture a deep group would go soft; the lens closes to what holds it. */
    public function testAGroupIsHeldSharp(): void
    {
        $solution = self::solve(['people.depth' => 4, 'look.aperture' => 'f/2']);
        self::assertSame(['f/4', Limit::GroupDepth], [$solution->best->choice->settings->aperture->label(), $solution->best->choice->apertureBound]);
        self::assertSame('f/2', self::solve(['people.depth' => 4, 'look.aperture' => 'f/2', 'look.locks' => ['aperture' => 'f/2']])->best->choice->settings->aperture->label(), 'unless it is held');
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('pops')]
    public function testAPopHoldsWhatItIsShortEnoughFor(array $changes, PopHold $hold): void
    {
        self::assertSame($hold, PopHold::of(self::solve($changes)));
    }

    /** @return iterable<string, array{array<string, mixed>, PopHold}> by hand: 0.035·v/1.965/0.036 of the frame in a second is 0.89 at 1.8 m/s and 2.5 at 5 m/s; t0.1 is 1/350 s at full, 1/1130 at half power; 0.00167 is sharp */
    public static function pops(): iterable
    {
        $dance = ['people' => ['movement' => 'dance'], 'subject.distance' => 2, 'head' => 'direct', ...self::yard()];
        yield 'a low output holds all' => [$dance, PopHold::Everything];
        yield 'half power no hands' => [['flash.guideNumber' => 8, 'glow.ev' => 9, 'look.school' => 'free-hand', 'look.locks' => ['shutter' => '1/60', 'aperture' => 'f/4', 'iso' => '100']] + $dance, PopHold::Bodies];
        yield 'full power not even bodies' => [['flash.guideNumber' => 4, 'glow.ev' => 9, 'look.school' => 'free-hand', 'look.locks' => ['shutter' => '1/60', 'aperture' => 'f/4', 'iso' => '100']] + $dance, PopHold::Nothing];
        yield 'a slow unit not even at half' => [['flash.guideNumber' => 8, 'flash.durations' => [['underFull' => 0, 'inverse' => 250]], 'glow.ev' => 9, 'look.school' => 'free-hand', 'look.locks' => ['shutter' => '1/60', 'aperture' => 'f/4', 'iso' => '100']] + $dance, PopHold::Nothing];
        yield 'pulses hold nobody' => [['glow.ev' => 12, 'flash.highSpeed' => true, 'look.highSpeed' => true, 'look.aperture' => 'f/2.8', 'flash.guideNumber' => 58] + $dance, PopHold::Pulsed];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('rooms')]
    public function testDoubtGoesByTheKindOfRoom(array $changes, float $room): void
    {
        $solution = self::solve(['head' => 'up', ...$changes]);
        $doubt = Doubt::of($solution->moment, $solution->best->light, $solution->levels);
        self::assertSame($room, $doubt->room);
        self::assertEqualsWithDelta(sqrt($room ** 2 + 0.2 ** 2 + 0.3 ** 2), $doubt->total()->value, 1e-9);
    }

    /** @return iterable<string, array{array<string, mixed>, float}> */
    public static function rooms(): iterable
    {
        yield 'a function room' => [['room.length' => 10, 'room.width' => 8, 'room.height' => 2.7], 0.2];
        yield 'a long low hall' => [['room.length' => 26], 0.35];
        yield 'as long, but high' => [['room.length' => 26, 'room.height' => 6], 0.2];
        yield 'a dark barn' => [['room.finishes' => Moments::everywhere('dark-timber')], 0.45];
    }

    /** With high-speed sync a room that even its fastest shutter cannot take keeps the aperture as nearly as it can, not f/14 at sync. */
    public function testHighSpeedSyncOpensTheLensAsFarAsItGets(): void
    {
        $settings = self::solve(['glow.ev' => 15, 'look.roomUnder' => 0, 'look.aperture' => 'f/2', 'look.highSpeed' => true, 'flash.highSpeed' => true, 'flash.guideNumber' => 58, 'subject.distance' => 1.5, 'head' => 'direct'])->best->choice->settings;
        self::assertSame(['1/4000', 'f/2.8'], [$settings->shutter->label(), $settings->aperture->label()]);
    }

    /** @return array<string, mixed> nothing on any side but the floor */
    private static function yard(): array
    {
        return ['room.finishes' => ['floor' => 'stone-flags'] + Moments::everywhere('open'), 'room.width' => 30, 'room.height' => 12, 'room.length' => 60];
    }

    /** @param array<string, mixed> $changes */
    private static function solve(array $changes): Solution
    {
        return MomentSolver::solve(Moments::with($changes));
    }
}
