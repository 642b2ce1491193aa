<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Score;

use Kaddle\Core\Document\ScoreDocument;
use Kaddle\Core\Form\EffortForm;
use Kaddle\Core\Gear\BodyForm;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\Change;
use Kaddle\Core\Score\Choices;
use Kaddle\Core\Score\Control;
use Kaddle\Core\Score\Effort;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\InHand;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Score\Score;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Score\Sequence;
use Kaddle\Core\Score\Thing;
use Kaddle\Core\Score\Work;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\FaceBalance;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Shortfall;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\ScoreWords;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NightSolverTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([1, 2, 3, 7] as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testNoMomentGetsWorseThanASixthOfAStopAndNoLimitIsCrossed(int $seed): void
    {
        $score = NightSolver::solve(Nights::seeded($seed), Favour::FewestTurns);
        self::assertLessThan(0.75 * $score->turnsAlone, $score->turns());
        foreach ($score->bars as $scored) {
            $name = $scored->bar->name;
            [$room, $face] = self::misses($scored->solution);
            [$roomAlone, $faceAlone] = self::misses($scored->alone);
            self::assertLessThanOrEqual($roomAlone + 1 / 6 + 1e-6, $room, "$name: room");
            self::assertLessThanOrEqual($faceAlone + 1 / 6 + 1e-6, $face, "$name: face");
            self::assertSame(self::lacks($scored->alone), self::lacks($scored->solution), $name);
            self::assertKeepsLimits($scored);
        }
    }

    private static function assertKeepsLimits(ScoredBar $scored): void
    {
        $moment = $scored->bar->light;
        $settings = $scored->solution->best->choice->settings;
        $own = $scored->alone->best->choice->settings;
        self::assertLessThanOrEqual($moment->fastestShutter()->tv->thirtieths, $settings->shutter->tv->thirtieths);
        self::assertGreaterThanOrEqual(min($moment->slowestTime(), $own->shutter->tv->value()), $settings->shutter->tv->value());
        $widest = $moment->openingForGroup() ?? $moment->lens->narrowest;
        self::assertGreaterThanOrEqual(min($widest->av->thirtieths, $own->aperture->av->thirtieths), $settings->aperture->av->thirtieths);
        self::assertLessThanOrEqual($moment->body->usableIso->sv->thirtieths, $settings->iso->sv->thirtieths);
        self::assertGreaterThanOrEqual($moment->body->baseIso->sv->thirtieths, $settings->iso->sv->thirtieths);
    }

    /** core/bench/night.php does the same with twenty nights and every favour. */
    public function testIsNoMoreThanOnePerCentDearerThanTheBestOfAllChoices(): void
    {
        foreach ([5, 6, 8, 20] as $seed) {
            $bars = Nights::seeded($seed, 4);
            foreach ([Favour::FewestTurns, Favour::QuickFlash] as $favour) {
                $choices = self::choices($bars, $favour);
                $work = array_map(static fn(Bar $b): Work => $b->work(), $bars);
                $found = Sequence::through($choices, $work, $favour->turnsPerStop(), null);
                $best = Sequence::through($choices, $work, $favour->turnsPerStop(), null, PHP_INT_MAX);
                self::assertSame(0.0, $best->mayBeCheaperBy());
                self::assertLessThanOrEqual(1.01 * $best->turns + 1e-9, $found->turns, "seed $seed, {$favour->value}");
                self::assertGreaterThanOrEqual($found->turns - $found->mayBeCheaperBy() - 1e-9, $best->turns);
            }
        }
    }

    /** Every choice of a bar with every one of the next, none left out, where every other body turns for nothing. */
    public function testNothingIsLostByLeavingOutWhatAnotherReaches(): void
    {
        foreach ([3, 9] as $seed) {
            $free = array_reduce(
                [Control::Shutter, Control::Aperture, Control::Iso],
                static fn(Effort $e, Control $c): Effort => $e->with($c, 0.0, 0.0),
                Effort::usual(),
            );
            $bars = array_map(
                static fn(Bar $b, int $i): Bar => Bar::of($b->moment, $b->name, $b->from, $b->until, $b->light, $b->inHand, $i % 2 === 0 ? $free : null),
                Nights::seeded($seed, 4),
                [0, 1, 2, 3],
            );
            $choices = self::choices($bars, Favour::FewestTurns);
            $work = array_map(static fn(Bar $b): Work => $b->work(), $bars);
            $best = Sequence::through($choices, $work, 2.0, null, PHP_INT_MAX);
            $sums = [];
            foreach ($choices as $i => $choice) {
                $next = [];
                foreach ($choice->rows as $place => $row) {
                    $ways = [];
                    foreach ($sums as $from => $sum) {
                        $ways[] = $sum + $work[$i]->between($choices[$i - 1]->rows[$from], $row);
                    }
                    $next[] = ($ways === [] ? 0.0 : min($ways)) + 2.0 * $choice->trouble[$place];
                }
                $sums = $next;
            }
            self::assertNotSame([], $sums);
            self::assertEqualsWithDelta(min($sums), $best->turns, 1e-9, "seed $seed");
            self::assertEqualsWithDelta(self::sumOf($best, $choices, $work), $best->turns, 1e-9, 'what is chosen costs what is told');
        }
    }

    /**
     * @param list<Choices> $choices
     * @param list<Work> $work
     */
    private static function sumOf(Sequence $sequence, array $choices, array $work): float
    {
        $sum = 0.0;
        foreach ($sequence->places as $i => $place) {
            $sum += 2.0 * $choices[$i]->trouble[$place]
                + ($i === 0 ? 0.0 : $work[$i]->between($choices[$i - 1]->rows[$sequence->places[$i - 1]], $choices[$i]->rows[$place]));
        }

        return $sum;
    }

    public function testTheSameNightHasTheSameScore(): void
    {
        self::assertSame(self::told(NightSolver::solve(Nights::seeded(4), Favour::FewestTurns)), self::told(NightSolver::solve(Nights::seeded(4), Favour::FewestTurns)));
    }

    public function testWhatIsPastStaysAndTheRestFollowsFromThere(): void
    {
        $bars = Nights::seeded(2);
        $score = NightSolver::solve($bars, Favour::FewestTurns);
        $past = array_slice($score->bars, 0, 5);
        $again = NightSolver::solve(array_slice($bars, 5), Favour::BestFiles, past: $past);
        self::assertCount(count($bars), $again->bars);
        foreach ($past as $i => $scored) {
            self::assertSame($scored->solution, $again->bars[$i]->solution);
        }
        $rest = NightSolver::solve(array_slice($bars, 5), Favour::FewestTurns, past: $past);
        self::assertEqualsWithDelta($score->turns(), $rest->turns(), 0.02 * $score->turns());
    }

    public function testFavoursDifferInWhatTheySay(): void
    {
        [$turns, $iso, $output] = [[], [], []];
        foreach (Favour::cases() as $favour) {
            $score = NightSolver::solve(Nights::seeded(1), $favour);
            $turns[$favour->value] = $score->turns();
            $iso[$favour->value] = self::sum($score, static fn(Solution $s): float => $s->best->choice->settings->iso->sv->value());
            $output[$favour->value] = self::sum($score, static fn(Solution $s): float => $s->best->isOff() ? 0.0 : $s->best->output->value());
        }
        self::assertSame(Favour::FewestTurns->value, array_search(min($turns), $turns, true));
        self::assertSame(Favour::BestFiles->value, array_search(min($iso), $iso, true));
        self::assertSame(Favour::QuickFlash->value, array_search(min($output), $output, true));
    }

    public function testAChangeSaysWhatItWouldCostToLeaveIt(): void
    {
        [$bright, $dark] = [self::at(0, 'Bright', ['glow.ev' => 6]), self::at(1, 'Dark', ['glow.ev' => 2])];
        $score = NightSolver::solve([$bright, $dark], Favour::FewestTurns);
        [$first, $second] = $score->bars;
        self::assertSame([], $first->changes);
        self::assertNotSame([], $second->changes);
        foreach ($second->changes as $change) {
            self::assertNotSame('', ScoreWords::why($change, $second));
        }
        $iso = array_values(array_filter($second->changes, static fn(Change $c): bool => $c->control === Control::Iso))[0];
        self::assertEqualsWithDelta(-$iso->clicks / 3, $iso->room, 1e-9);
        self::assertSame("ISO {$iso->clicks} up", ScoreWords::change($iso, $second));
        self::assertStringContainsString('darker', ScoreWords::why($iso, $second));
    }

    public function testThingsAreChangedAsTheMomentsNameThem(): void
    {
        $other = InHand::of(Thing::of('b', 'Body'), Thing::of('85', 'Portrait 85'), Thing::of('u', 'Unit'), null, Thing::of('g', 'Half orange'));
        $score = NightSolver::solve([self::at(0, 'Here'), self::at(1, 'There', [], $other), self::at(2, 'Back')], Favour::FewestTurns);
        self::assertSame(['lens: Portrait 85', 'gel: Half orange'], self::labels($score->bars[1]));
        self::assertSame(['lens: Wide', 'gel off'], self::labels($score->bars[2]));
        self::assertSame([2, 0], $score->sumOf(Control::Lens));
        self::assertSame(2.0 * (20.0 + 10.0), $score->turns());
    }

    /** Where the ISO lies in a menu, others are turned for it. */
    public function testAControlThatIsHardToReachIsTurnedLess(): void
    {
        $clicks = static function (float $reach): int {
            $bars = array_map(
                static fn(Bar $b): Bar => Bar::of($b->moment, $b->name, $b->from, $b->until, $b->light, $b->inHand, EffortForm::on(
                    BodyForm::piece()->stored(['isoReach' => $reach]),
                )),
                Nights::seeded(4),
            );

            return NightSolver::solve($bars, Favour::FewestTurns)->sumOf(Control::Iso)[0];
        };
        self::assertLessThan($clicks(0.0), $clicks(10.0));
    }

    public function testAFlashThatIsOffIsSetAtLeisure(): void
    {
        $score = NightSolver::solve([self::at(0, 'Vows', ['look.withoutFlash' => true]), self::at(1, 'Supper')], Favour::FewestTurns);
        $labels = self::labels($score->bars[1]);
        self::assertNotSame([], preg_grep('/^flash on: /', $labels));
        self::assertSame([], preg_grep('/^(head|output) /', $labels));
    }

    public function testAnImpossibleMomentSaysSoAndTheRestIsSolved(): void
    {
        $open = ['room.finishes' => Moments::everywhere('open'), 'glow.ev' => -6, 'subject.distance' => 12];
        $score = NightSolver::solve([self::at(0, 'Supper'), self::at(1, 'Yard', $open), self::at(2, 'Supper')], Favour::FewestTurns);
        [$before, $yard, $after] = ScoreDocument::of($score, Voice::plain())->bars;
        self::assertSame([true, false, true], [$before->feasible, $yard->feasible, $after->feasible]);
        self::assertGreaterThan(0.5, $yard->shortfalls[0]->stops);
        self::assertNotSame([], $yard->remedies);
    }

    public function testWhatIsHeldStaysHeld(): void
    {
        $held = ['look.locks' => ['aperture' => 'f/2.8']];
        $score = NightSolver::solve([self::at(0, 'Supper'), self::at(1, 'Toast', $held), self::at(2, 'Supper')], Favour::FewestTurns);
        self::assertSame('f/2.8', $score->bars[1]->solution->best->choice->settings->aperture->label());
    }

    public function testAnEmptyNightHasAnEmptyScore(): void
    {
        $score = NightSolver::solve([], Favour::FewestTurns);
        self::assertSame([[], 0.0, 0.0], [$score->bars, $score->turns(), $score->turnsAlone]);
    }

    /** @param array<string, mixed> $changes of the supper */
    private static function at(int $hour, string $name, array $changes = [], ?InHand $inHand = null): Bar
    {
        return Bar::of("moment $hour", $name, 720 + 60 * $hour, 780 + 60 * $hour, Moments::with($changes), $inHand ?? InHand::of(
            Thing::of('b', 'Body'),
            Thing::of('35', 'Wide'),
            Thing::of('u', 'Unit'),
            null,
            null,
        ));
    }

    /**
     * @param non-empty-list<Bar> $bars
     *
     * @return list<Choices>
     */
    private static function choices(array $bars, Favour $favour): array
    {
        return array_values(array_map(
            static fn(Solution $s): Choices => Choices::of($s, $favour),
            MomentSolver::solveAll(array_map(static fn(Bar $b): Moment => $b->light, $bars)),
        ));
    }

    /** @param callable(Solution): float $of */
    private static function sum(Score $score, callable $of): float
    {
        return array_sum(array_map(static fn(ScoredBar $b): float => $of($b->solution), $score->bars));
    }

    /** @return list<string> */
    private static function labels(ScoredBar $bar): array
    {
        return array_map(static fn(Change $c): string => ScoreWords::change($c, $bar), $bar->changes);
    }

    /** @return list<string> */
    private static function lacks(Solution $solution): array
    {
        return array_map(static fn(Shortfall $s): string => $s->kind->value, $solution->shortfalls);
    }

    private static function told(Score $score): string
    {
        return json_encode(ScoreDocument::of($score, Voice::plain()), JSON_THROW_ON_ERROR);
    }

    /** @return array{float, float} stops by which room and face miss their wishes */
    private static function misses(Solution $solution): array
    {
        $moment = $solution->moment;
        $wished = match (true) {
            $moment->look->withoutFlash => $moment->roomLevel->value,
            FaceBalance::isFill($moment->roomLevel, $moment->look->fill) => $moment->roomLevel->withLight($moment->look->fill)->value,
            default => 0.0,
        };

        return [
            abs($solution->levels->room->value - $moment->roomLevel->value),
            abs($solution->levels->face->value - $wished),
        ];
    }
}
