<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Advice;

use Kaddle\Core\Advice\ColourPlan;
use Kaddle\Core\Advice\ColourView;
use Kaddle\Core\Colour\BlackBody;
use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Colour\GelKind;
use Kaddle\Core\Document\ColourDocument;
use Kaddle\Core\Document\ColourPlanDocument;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Mired;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Wish\ColourWish;
use Kaddle\Core\Words\ColourWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ColourTest extends TestCase
{
    #[DataProvider('cases')]
    public function testItAgreesWithTheSumsByHand(float $head, string $gel, float $room, float $balance, float $flash, float $byRoom): void
    {
        $view = ColourView::of(self::solve([
            'flash.kelvin' => $head, 'roomKelvin' => $room, 'look.balance' => $balance,
            ...($gel === 'none' ? [] : ['flash.gel' => ['kind' => $gel]]),
        ]));
        self::assertEqualsWithDelta($flash, $view->looks($view->flash ?? self::fail('no flash'))->warmth->mired, 1.0);
        self::assertEqualsWithDelta($byRoom, $view->looks($view->room ?? self::fail('no room'))->warmth->mired, 1.0);
    }

    /** @return iterable<string, array{float, string, float, float, float, float}> */
    public static function cases(): iterable
    {
        preg_match_all('/^\| ([^|]+) \| (\d+) \| `([\w-]+)` \| (\d+) \| (\d+) \| ([−+\d]+) \| ([−+\d]+) \|$/mu', self::docs(), $lines, PREG_SET_ORDER);
        foreach ($lines as [, $name, $head, $gel, $room, $balance, $flash, $byRoom]) {
            yield $name => [(float) $head, $gel, (float) $room, (float) $balance, self::number($flash), self::number($byRoom)];
        }
    }

    #[DataProvider('wishes')]
    public function testAWishFindsTheGelAndTheBalanceThatWereFoundByHand(ColourWish $wish, float $room, string $gel, float $balance, float $left): void
    {
        $plan = ColourPlan::of($wish, ColourView::of(self::solve(['roomKelvin' => $room])), self::gels()) ?? self::fail('no plan');
        self::assertEquals($gel === 'none' ? null : GelKind::from($gel)->gel(), $plan->gel);
        self::assertEqualsWithDelta($balance, $plan->balance->kelvin()->kelvin, 10.0);
        self::assertEqualsWithDelta($left, $plan->left->mired, 1.0);
    }

    /** @return iterable<string, array{ColourWish, float, string, float, float}> */
    public static function wishes(): iterable
    {
        preg_match_all('/^\| `([\w-]+)` \| (\d+) \| `([\w-]+)` \| (\d+) \| ([−+\d]+) \|$/mu', self::docs(), $lines, PREG_SET_ORDER);
        foreach ($lines as [, $wish, $room, $gel, $balance, $left]) {
            yield "$wish at $room K" => [ColourWish::from($wish), (float) $room, $gel, (float) $balance, self::number($left)];
        }
    }

    public function testThereAreTwenty(): void
    {
        self::assertSame([12, 8], [count(iterator_to_array(self::cases())), count(iterator_to_array(self::wishes()))]);
    }

    /** A gel read back from the light that it makes is its own mired. */
    #[DataProvider('kinds')]
    public function testAGelReadsBackAsItsOwnMired(GelKind $kind): void
    {
        $head = Kelvin::of(Gel::USUAL_HEAD);
        $light = BlackBody::light($head->mired())->through($kind->gel()->transmission($head));
        $shift = $kind->gel()->shift->mired;
        self::assertEqualsWithDelta($shift, BlackBody::nearest($light)->minus($head->mired())->mired, 0.02 * abs($shift));
    }

    /** @return iterable<string, array{GelKind}> */
    public static function kinds(): iterable
    {
        foreach (GelKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    public function testAGelAndItsOppositeAreNeutralAndDarker(): void
    {
        $head = Kelvin::of(Gel::USUAL_HEAD);
        $orange = Gel::of(Mired::of(68.0), GelKind::HalfOrange->gel()->loss)->transmission($head);
        $blue = GelKind::HalfBlue->gel()->transmission(Kelvin::ofMired($head->mired()->plus(Mired::of(68.0))));
        $both = BlackBody::light($head->mired())->through($orange)->through($blue);
        self::assertEqualsWithDelta($head->mired()->mired, BlackBody::nearest($both)->mired, 2.0);
        self::assertLessThan(min($orange->luminance(), $blue->luminance()), $orange->through($blue)->luminance());
    }

    public function testAWarmAndABareUnitMeetBetweenAndAWishPutsOneGelOnBoth(): void
    {
        $warm = ['flash.gel' => ['kind' => 'full-orange']];
        $mixed = $warm + ['flash.gelled' => 1];
        self::assertGreaterThan(self::warmth([]) + 20.0, self::warmth($mixed));
        self::assertLessThan(self::warmth($warm) - 20.0, self::warmth($mixed));
        self::assertGreaterThan(self::warmth($mixed), self::warmth($mixed + ['flash.otherGel' => ['kind' => 'quarter-orange']]));

        $told = ColourDocument::of(self::solve(['roomKelvin' => 2700, 'flash.units' => 2] + $mixed), self::gels());
        $plans = array_combine(array_map(static fn(ColourPlanDocument $p): string => $p->wish->value, $told->plans), $told->plans);
        self::assertTrue($plans['neutral-face']->keepsGels);
        self::assertStringStartsWith('Full orange beside no gel, body at', $plans['neutral-face']->sentence);
        self::assertFalse($plans['match-room']->keepsGels);
    }

    public function testAFaceLiesBetweenItsTwoLightsAndNearerToTheStronger(): void
    {
        $view = ColourView::of(self::solve(['roomKelvin' => 2700, 'look.roomUnder' => 2]));
        $face = $view->face->warmth->mired ?? 0.0;
        self::assertGreaterThan($view->flash->warmth->mired ?? INF, $face);
        self::assertLessThan($view->room->warmth->mired ?? 0.0, $face);
        $dim = ColourView::of(self::solve(['roomKelvin' => 2700, 'look.roomUnder' => 4]));
        self::assertLessThan($face, $dim->face->warmth->mired ?? INF);
        self::assertGreaterThan($face, $dim->behind->warmth->mired ?? 0.0, 'what is behind has the room’s colour');
    }

    public function testWithoutTheRoomsColourOnlyANeutralFaceCanBeWished(): void
    {
        $told = ColourDocument::of(self::solve([]), self::gels());
        self::assertFalse($told->knowsRoom);
        self::assertSame([ColourWish::NeutralFace], array_column($told->plans, 'wish'));
        $off = ColourDocument::of(self::solve(['look.withoutFlash' => true, 'roomKelvin' => 3000]), self::gels());
        self::assertSame([], $off->plans);
        self::assertSame('Face', $off->patches[0]->name);
    }

    public function testWhatNoGelCanDoIsTold(): void
    {
        $plans = array_column(ColourDocument::of(self::solve(['roomKelvin' => 1900]), [])->plans, 'sentence', 'name');
        self::assertStringContainsString('No gel in the bag comes nearer', $plans['Match the room']);
        $plans = array_column(ColourDocument::of(self::solve(['roomKelvin' => 2900]), self::gels())->plans, 'sentence', 'name');
        self::assertStringContainsString('Full orange, body at 2900 K', $plans['Match the room']);
        self::assertStringContainsString('costs 0.7 stops, output 2 clicks up', $plans['Match the room']);
        self::assertStringNotContainsString('No gel', $plans['Match the room']);
    }

    /** A head of 5500 K at full and 6000 K at 1/128 is 12 mired bluer at half of its stops: 174.2 instead of 181.8. */
    public function testAHeadIsBluerAtLowOutput(): void
    {
        $solution = self::solve(['flash.kelvin' => 5500, 'flash.lowestKelvin' => 6000]);
        $down = $solution->best->output->value() / -7.0;
        self::assertGreaterThan(0.2, $down);
        self::assertEqualsWithDelta(1e6 / 5500.0 - $down * (1e6 / 5500.0 - 1e6 / 6000.0), ColourView::of($solution)->flash->warmth->mired ?? 0.0, 0.01);
    }

    /** Paint that is greener than black bodies asks for as much tint of the body, and the face comes out neutral. */
    public function testATintTakesTheGreenOfPaintOut(): void
    {
        $painted = ['room.finishes' => Moments::everywhere('sage-paint'), 'head' => 'up', 'roomKelvin' => 4000, 'look.roomUnder' => 4];
        $view = ColourView::of(MomentSolver::solve(Moments::with($painted)));
        $duv = $view->flash->duv ?? 0.0;
        self::assertGreaterThan(0.004, $duv);
        self::assertStringContainsString('greenish', ColourDocument::of(MomentSolver::solve(Moments::with($painted)), [])->patches[2]->looks);
        $plan = ColourPlan::of(ColourWish::NeutralFace, $view, []) ?? self::fail('no plan');
        self::assertGreaterThan(0.003, $plan->balance->duv);
        self::assertSame('neutral', ColourWords::looks($plan->face));
        $asked = ['look.balance' => $plan->balance->kelvin()->kelvin, 'look.tint' => 1000.0 * $plan->balance->duv];
        $told = ColourDocument::of(MomentSolver::solve(Moments::with($painted + $asked)), []);
        self::assertSame('neutral', $told->patches[0]->looks);
        self::assertGreaterThan(0.0, $told->tint);
    }

    public function testATintAloneKeepsTheColourOfTheHead(): void
    {
        self::assertSame('5200 K, tint −4', ColourWords::balance(Moments::with(['flash.kelvin' => 5200, 'look.tint' => -4])->balance()));
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('faults')]
    public function testWhatCannotBeIsRefusedByField(array $changes, string $field, string $range): void
    {
        try {
            Moments::with($changes);
            self::fail('taken');
        } catch (FaultyDocument $e) {
            self::assertSame($field, $e->faults[0]->field);
            self::assertStringContainsString($range, $e->faults[0]->sentence->plain());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function faults(): iterable
    {
        yield 'under all lamps' => [['roomKelvin' => 1699], 'roomKelvin', '1700 to 25'];
        yield 'over all skies' => [['roomKelvin' => 25001], 'roomKelvin', '1700 to 25'];
        yield 'a balance that no body has' => [['look.balance' => 100], 'look.balance', '1700 to 25'];
        yield 'a tint beyond the scale' => [['look.tint' => 21], 'look.tint', '−20 to 20'];
        yield 'a head of no colour' => [['flash.lowestKelvin' => 20000], 'flash.lowestKelvin', '2500 to 10'];
    }

    /** @return list<Gel> */
    private static function gels(): array
    {
        return array_map(static fn(GelKind $k): Gel => $k->gel(), GelKind::cases());
    }

    /** @param array<string, mixed> $changes */
    private static function solve(array $changes): Solution
    {
        return MomentSolver::solve(Moments::with(['room.finishes' => Moments::everywhere('open'), 'head' => 'direct'] + $changes));
    }

    private static function docs(): string
    {
        return (string) file_get_contents(__DIR__ . '/../../../docs/physics.md');
    }

    private static function number(string $told): float
    {
        return (float) str_replace('−', '-', $told);
    }

    /**
     * Of the light of two units on the face, mired.
     *
     * @param array<string, mixed> $flash
     */
    private static function warmth(array $flash): float
    {
        return ColourView::of(self::solve(['roomKelvin' => 2700, 'flash.units' => 2] + $flash))->flash->warmth->mired ?? 0.0;
    }
}
