<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Meter;

use Kaddle\Core\Document\TradeDocument;
use Kaddle\Core\Document\WaysDocument;
use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Flash\ZoomTable;
use Kaddle\Core\Gear\Compensation;
use Kaddle\Core\Gear\CompensationSum;
use Kaddle\Core\Gear\Metering;
use Kaddle\Core\Meter\Drift;
use Kaddle\Core\Meter\FrameLight;
use Kaddle\Core\Meter\OutputWays;
use Kaddle\Core\Meter\TestFrames;
use Kaddle\Core\People\Behind;
use Kaddle\Core\People\Clothing;
use Kaddle\Core\Power\PowerSource;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\RememberedLights;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OutputWaysTest extends TestCase
{
    public function testWhiteMakesTheMeterMeanAndDarkMakesItLavish(): void
    {
        $error = static fn(Clothing $c, Behind $b): float => self::ways($c, $b)->error();
        self::assertLessThan($error(Clothing::Mixed, Behind::Guests), $error(Clothing::White, Behind::Guests));
        self::assertGreaterThan($error(Clothing::Mixed, Behind::Guests), $error(Clothing::Dark, Behind::Guests));
        self::assertGreaterThan($error(Clothing::Mixed, Behind::Guests), $error(Clothing::Mixed, Behind::DarkHall));
        self::assertLessThan(0.0, self::ways(Clothing::White, Behind::Window, changes: ['outdoors' => 12])->error());
        self::assertGreaterThan(0.2, self::ways(Clothing::White, Behind::Window, changes: ['outdoors' => -5])->error(), 'at night a window is a dark mirror');
    }

    public function testACleverBodySeesThroughMoreOfIt(): void
    {
        $error = static fn(Metering $m): float => abs(self::ways(Clothing::Dark, Behind::DarkHall, $m)->error());
        self::assertLessThan($error(Metering::Weighted), $error(Metering::Scene));
        self::assertLessThan($error(Metering::Plain), $error(Metering::Weighted));
    }

    /** By hand: all mid-grey, everything as far as the face, no room light: the meter gives what the face needs. */
    public function testMidGreyIsMeteredRight(): void
    {
        $moment = Moments::with(['glow.ev' => -6, 'look.roomUnder' => 6, 'room.finishes' => Moments::everywhere('open')]);
        $solution = MomentSolver::solve($moment);
        $frame = FrameLight::of($moment, $moment->scene, $solution->best->choice->settings, HeadAim::Direct, Clothing::Mixed, Behind::Guests);
        // Of what is 2 m behind a face at 3 m there is log2((5/3)^2) = 1.5 stops less, so the meter gives more, by less than that.
        self::assertGreaterThan($frame->wanted(), $frame->metered(1.0));
        self::assertLessThan($frame->wanted() + 1.5, $frame->metered(1.0));
    }

    public function testCompensationBringsTheFaceBackWithinAClickOfTheUnit(): void
    {
        foreach (Clothing::cases() as $clothing) {
            foreach (Behind::cases() as $behind) {
                $ways = self::ways($clothing, $behind);
                $planned = $ways->drift()[0];
                self::assertLessThanOrEqual(1.0 / 6.0 + 1e-9, abs($ways->error() + $ways->compensation()->value()), "$clothing->value before $behind->value");
                self::assertEqualsWithDelta($planned->manual->value, $planned->compensated->value, 0.25);
                self::assertTrue($ways->compensation()->isOn(Step::Third));
            }
        }
    }

    /** What is set by hand knows nothing of clothes and backdrops; distance moves it. */
    public function testByHandOnlyDistanceMovesTheFace(): void
    {
        $drift = self::ways(Clothing::Mixed, Behind::Guests)->drift();
        $byHand = array_map(static fn(Drift $d): float => $d->manual->value, array_slice($drift, 0, 5));
        self::assertCount(1, array_unique($byHand));
        self::assertLessThan($byHand[0], $drift[5]->manual->value);
        self::assertEqualsWithDelta($drift[0]->locked->value, $drift[1]->locked->value, 1e-9, 'what is kept is as steady');
        self::assertGreaterThan(0.2, abs($drift[1]->metered->value - $drift[2]->metered->value), 'and the meter is not');
        self::assertEqualsWithDelta($drift[0]->metered->value, $drift[5]->metered->value, 0.15, 'a meter follows the distance');
    }

    public function testBeyondTheRangeItSaysSo(): void
    {
        $ways = self::ways(Clothing::Dark, Behind::DarkHall, Metering::Plain, ['room.length' => 60, 'subject.distance' => 8, 'glow.ev' => -3, 'look.roomUnder' => 6, 'head' => 'direct']);
        self::assertTrue($ways->isBeyond());
        self::assertSame(-3.0, $ways->compensation()->value(), 'as far as it goes');
        self::assertFalse(self::ways(Clothing::Mixed, Behind::Guests)->isBeyond());
    }

    public function testTheDocumentSaysWhyAndHow(): void
    {
        $solution = MomentSolver::solve(Moments::with(['outdoors' => 12, 'people' => ['clothing' => 'white', 'behind' => 'window']]));
        $document = WaysDocument::of($solution, OutputWays::of($solution, Metering::Scene), PowerSource::ofSeconds(2.6, 200.0), Compensation::none(), Voice::plain());
        self::assertStringContainsString('brighter than mid-grey', $document->why);
        self::assertStringStartsWith('+', $document->compensation);
        self::assertCount(6, $document->drift);
        self::assertSame($document->manual, $document->frames[count($document->frames) - 1]->output);
        self::assertSame(count($document->frames) - 2, $document->saved);
    }

    /** Half a stop of wish for the room moves the advice by no more than that: meters give fill where the room is bright enough, and never jump. */
    public function testTheAdviceHasNoCliff(): void
    {
        $before = null;
        for ($under = 3.0; $under >= -1.0; $under -= 0.5) {
            $error = self::ways(Clothing::White, Behind::Window, Metering::Plain, ['look.roomUnder' => $under, 'outdoors' => 9])->error();
            if ($before !== null) {
                self::assertLessThan(0.8, abs($error - $before), "at $under under");
            }
            $before = $error;
        }
    }

    /**
     * Half a stop of anything, both lights and the group included, moves the error by no more than a stop.
     *
     * @param array<string, mixed> $scene
     */
    #[DataProvider('twoLights')]
    public function testNoHalfStopOfAnyLightMovesItByMoreThanAStop(array $scene): void
    {
        $known = new RememberedLights();
        foreach ([Clothing::White, Clothing::Dark] as $clothing) {
            foreach ([Behind::Window, Behind::Band, Behind::DarkHall] as $behind) {
                foreach (['onFace.over' => [-5.0, 4.0], 'glow.ev' => [0.0, 9.0], 'look.roomUnder' => [-1.0, 4.0]] as $field => [$from, $to]) {
                    $before = null;
                    for ($at = $from; $at <= $to; $at += 0.5) {
                        $error = self::ways($clothing, $behind, Metering::Plain, [$field => $at] + $scene, $known)->error();
                        self::assertLessThan(1.0, abs($error - ($before ?? $error)), "$field $at, $clothing->value before $behind->value");
                        $before = $error;
                    }
                }
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function twoLights(): iterable
    {
        yield 'one' => [['outdoors' => 9, 'onFace.over' => -2]];
        yield 'a group in two rows, the face held' => [['outdoors' => 4, 'onFace.over' => 1, 'look.hold' => 'face', 'room.width' => 12, 'room.length' => 20, 'people.count' => 10, 'people.rows' => 2, 'people.rowGap' => 1]];
    }

    /** Straight in a yard: full power reaches GN/N·√(S/100) as far as the face needs, each stop of ISO √2 farther. */
    public function testTellsHowNearAndFarAutomaticReaches(): void
    {
        $yard = ['room.finishes' => Moments::everywhere('open'), 'room.length' => 120, 'head' => 'direct', 'subject.distance' => 4, 'glow.ev' => 3];
        $ways = self::ways(Clothing::Mixed, Behind::Guests, changes: $yard);
        $reach = $ways->reach() ?? self::fail('reaches nobody');
        $settings = MomentSolver::solve(Moments::with($yard))->best->choice->settings;
        $need = 1.0 - 2.0 ** $settings->offsetOf(\Kaddle\Core\Quantity\ExposureValue::atIso100(3.0))->value;
        $byHand = sqrt(2.5 * 28.0 ** 2 / ($need * 250.0 * 2.0 ** $settings->aperture->av->value() / (100.0 * 2.0 ** $settings->iso->sv->value())));
        self::assertEqualsWithDelta($byHand, $reach[1]->metres, 0.05 * $byHand);
        self::assertEqualsWithDelta(2.0 ** 3.5, $reach[1]->metres / $reach[0]->metres, 1.5, 'seven stops are 11 times the distance');
        self::assertSame(0.0, $ways->outOfReach());
    }

    public function testOutOfReachIsoHelpsAndCompensationDoesNot(): void
    {
        $solution = MomentSolver::solve(Moments::with(['room.finishes' => Moments::everywhere('open'), 'room.length' => 120, 'head' => 'direct', 'subject.distance' => 60, 'flash.guideNumber' => 5]));
        $words = \Kaddle\Core\Words\MeterWords::reach(OutputWays::of($solution, Metering::Plain), Voice::plain());
        self::assertMatchesRegularExpression('/Here it is [\d.]+ stops short: raise ISO or open up by that; compensation does not help\./', $words);
    }

    public function testWhereNextToNoLightGetsToTheFaceNoIsoIsSpokenOf(): void
    {
        $solution = MomentSolver::solve(Moments::with(['room.finishes' => Moments::everywhere('open'), 'head' => 'up-back']));
        $words = \Kaddle\Core\Words\MeterWords::reach(OutputWays::of($solution, Metering::Plain), Voice::plain());
        self::assertStringEndsWith('Hardly any light of the flash gets to the face this way: point the head elsewhere; compensation does not help.', $words);
    }

    public function testWhereTheMeterIsUnsureABracketIsAdvised(): void
    {
        self::assertTrue(self::ways(Clothing::Dark, Behind::DarkHall, Metering::Plain, ['room.length' => 60, 'subject.distance' => 8, 'glow.ev' => -3, 'look.roomUnder' => 6, 'head' => 'direct'])->wantsBracket());
        self::assertFalse(self::ways(Clothing::Mixed, Behind::Guests)->wantsBracket());
    }

    /** The more people, the more of the picture they are, and the less the rest counts. */
    public function testPeopleCountAsOftenAsTheyAre(): void
    {
        $people = static fn(int $count): float => OutputWays::of(MomentSolver::solve(Moments::with(['people' => ['count' => $count]])), Metering::Scene)->planned->people;
        self::assertEqualsWithDelta(3.0, $people(3) / $people(1), 0.01);
        self::assertSame(0.7, $people(300));
    }

    /** A stop of ISO halves what a pop takes out of the cells, and doubles the pops. */
    public function testAStopOfIsoHalvesTheEnergy(): void
    {
        $solution = MomentSolver::solve(Moments::with(['head' => 'up-forward']));
        [, $less, $now, $more] = TradeDocument::allFor($solution, PowerSource::ofSeconds(8.0, 100.0));
        self::assertSame([false, true, false], [$less->now, $now->now, $more->now]);
        self::assertEqualsWithDelta($now->pops / 2.0, $less->pops, 1.0);
        self::assertEqualsWithDelta($now->pops * 2.0, $more->pops, 1.0);
        self::assertEqualsWithDelta($now->recycle * 2.0, $less->recycle, 0.02);
        self::assertSame([240.0, 480.0, 960.0], [$less->hotAfter, $now->hotAfter, $more->hotAfter], 'thirty full pops in ten minutes');
        self::assertSame(['1/8', '1/16', '1/32'], [$less->output, $now->output, $more->output]);
    }

    /** A stop under sync, and a stop faster than the slowest: one click further there is none, and the aperture turns instead. */
    public function testAStopIsTurnedByTheShutterAsFarAsItGoes(): void
    {
        $turns = static fn(string $shutter): array => array_column(TradeDocument::allFor(MomentSolver::solve(Moments::with([
            'head' => 'up-forward', 'body.sync' => '1/200', 'look.school' => 'free-hand', 'look.locks' => ['shutter' => $shutter, 'aperture' => 'f/4', 'iso' => '800'],
        ])), PowerSource::ofSeconds(4.0, 200.0)), 'turn', 'stops');
        self::assertSame('shutter 1 stop faster', $turns('1/100')[1] ?? '');
        self::assertSame('aperture 1 stop narrower', $turns('1/125')[1] ?? '');
        self::assertSame(['shutter 1 stop slower', 'aperture 1 stop wider'], [$turns('1 s')[-1] ?? '', $turns('1.3 s')[-1] ?? ''], 'by hand, as slow as 2 s');
        self::assertSame('aperture 2 stops narrower', $turns('1/100')[2] ?? '');
    }

    /** Dark clothes before a dark hall want less; a body at +3 leaves more than the unit can take away. */
    public function testASumThatTheUnitCannotMakeUpForIsToldInStops(): void
    {
        $solution = MomentSolver::solve(Moments::with(['people' => ['clothing' => 'dark', 'behind' => 'dark-hall']]));
        $ways = OutputWays::of($solution, Metering::Plain);
        $document = static fn(float $body): WaysDocument => WaysDocument::of($solution, $ways, PowerSource::ofSeconds(2.6, 200.0), Compensation::ofStops(CompensationSum::FlashAddsUp, $body, 0.0), Voice::plain());
        self::assertLessThan(0.0, $ways->compensation()->value());
        self::assertMatchesRegularExpression('/= .* on the flash; that is [\d.]+ stops? too much, and the unit cannot make up for it/', $document(3.0)->sum);
        self::assertStringEndsWith('on the flash.', $document(0.0)->sum);
    }

    public function testNoTradeBeyondWhatTheUnitGives(): void
    {
        $stops = static fn(string $head, float $distance): array => array_column(TradeDocument::allFor(
            MomentSolver::solve(Moments::with(['head' => $head, 'subject.distance' => $distance, 'room.finishes' => Moments::everywhere('black-drape')])),
            PowerSource::ofSeconds(4.0, 200.0),
        ), 'stops');
        self::assertSame([0, 1, 2], $stops('up', 9.0), 'at full power there is no stop of ISO to save');
        self::assertSame([-2, -1, 0], $stops('direct', 0.6), 'at the lowest there is none to spend');
    }

    /** @param list<string> $labels */
    #[DataProvider('searches')]
    public function testFramesGoByWholeStopsAndThenByHalves(int $start, int $wanted, array $labels): void
    {
        $unit = FlashUnit::of(ZoomTable::fixed(ZoomStep::ofMillimetres(28.0, 28.0, 76.0)), 28.0, 7, Step::Third);
        $of = ExactStops::fromThirtieths(...);
        self::assertSame($labels, array_map(static fn(Output $o): string => $o->label(), TestFrames::from($unit, $of($start), $of($wanted))->outputs));
    }

    /** @return iterable<string, array{int, int, list<string>}> */
    public static function searches(): iterable
    {
        yield 'right at once' => [-210, -210, ['1/128']];
        yield 'whole stops' => [-210, -150, ['1/128', '1/64', '1/32']];
        yield 'past it and back' => [-210, -160, ['1/128', '1/64', '1/32', '1/64 +⅔']];
        yield 'past it and back twice' => [-210, -170, ['1/128', '1/64', '1/32', '1/64 +⅔', '1/64 +⅓']];
        yield 'downward' => [0, -60, ['1/1', '1/2', '1/4']];
        yield 'up to full' => [-30, 0, ['1/2', '1/1']];
    }

    /** @param array<string, mixed> $changes */
    private static function ways(Clothing $clothing, Behind $behind, Metering $metering = Metering::Scene, array $changes = [], ?KnownLights $known = null): OutputWays
    {
        return OutputWays::of(MomentSolver::solve(Moments::with($changes + ['people.clothing' => $clothing->value, 'people.behind' => $behind->value]), $known), $metering);
    }
}
