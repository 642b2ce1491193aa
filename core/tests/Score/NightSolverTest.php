<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Score;

use Kaddle\Core\Document\ScoreDocument;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\Choices;
use Kaddle\Core\Score\Control;
use Kaddle\Core\Score\Effort;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Score\Score;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Score\Sequence;
use Kaddle\Core\Score\Work;
use Kaddle\Core\Solve\FaceBalance;
use Kaddle\Core\Solve\Limit;
use Kaddle\Core\Solve\Shortfall;
use Kaddle\Core\Solve\ShortfallKind;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NightSolverTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([1, 2, 3, 7] as $seed) { // in the third the flash is too strong for a couple outside
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

    /** Over four nights: trouble counts too, so in a single one another favour may save a turn by chance. */
    public function testFavoursDifferInWhatTheySay(): void
    {
        $turns = $iso = $output = array_fill_keys(array_column(Favour::cases(), 'value'), 0.0);
        foreach (Favour::cases() as $favour) {
            foreach ([1, 2, 3, 4] as $seed) {
                $score = NightSolver::solve(Nights::seeded($seed), $favour);
                $turns[$favour->value] += $score->turns();
                $iso[$favour->value] += self::sum($score, static fn(Solution $s): float => $s->best->choice->settings->iso->sv->value());
                $output[$favour->value] += self::sum($score, static fn(Solution $s): float => $s->best->isOff() ? 0.0 : $s->best->output->value());
            }
        }
        self::assertSame(Favour::FewestTurns->value, array_search(min($turns), $turns, true));
        self::assertSame(Favour::BestFiles->value, array_search(min($iso), $iso, true));
        self::assertSame(Favour::QuickFlash->value, array_search(min($output), $output, true));
    }

    public function testAnImpossibleMomentSaysSoAndTheRestIsSolved(): void
    {
        $open = ['room.finishes' => Moments::everywhere('open'), 'glow.ev' => -6, 'subject.distance' => 12];
        $score = NightSolver::solve([Nights::at(0, 'Supper'), Nights::at(1, 'Yard', $open), Nights::at(2, 'Supper')], Favour::FewestTurns);
        [$before, $yard, $after] = ScoreDocument::of($score, Voice::plain())->bars;
        self::assertSame([true, false, true], [$before->feasible, $yard->feasible, $after->feasible]);
        self::assertGreaterThan(0.5, $yard->shortfalls[0]->stops);
        self::assertNotSame([], $yard->remedies);
    }

    public function testWhatIsHeldStaysHeld(): void
    {
        $held = ['look.locks' => ['aperture' => 'f/2.8']];
        $score = NightSolver::solve([Nights::at(0, 'Supper'), Nights::at(1, 'Toast', $held), Nights::at(2, 'Supper')], Favour::FewestTurns);
        self::assertSame('f/2.8', $score->bars[1]->solution->best->choice->settings->aperture->label());
    }

    /** In a narrow room under black drape both walls serve alike: which is taken hangs on their order, not on the last digit of a sum. */
    public function testOfMirrorImagesTheFirstIsTaken(): void
    {
        for ($width = 3.0; $width < 4.0; $width += 0.11) {
            $bars = array_map(
                static fn(int $hour): Bar => Nights::at($hour, 'Supper', ['room.width' => $width, 'room.finishes' => ['ceiling' => 'black-drape'] + Moments::everywhere('limewash'), 'subject.distance' => [2.4, 3.1, 4.0][$hour]]),
                [0, 1, 2],
            );
            $aims = array_map(static fn(ScoredBar $b): HeadAim => $b->solution->best->light->aim, NightSolver::solve($bars, Favour::FewestTurns)->bars);
            self::assertSame([HeadAim::Left, HeadAim::Left, HeadAim::Left], $aims, "$width m");
        }
    }

    public function testAnEmptyNightHasAnEmptyScore(): void
    {
        $score = NightSolver::solve([], Favour::FewestTurns);
        self::assertSame([[], 0.0, 0.0], [$score->bars, $score->turns(), $score->turnsAlone]);
    }

    /**
     * @param non-empty-list<Bar> $bars
     *
     * @return list<Choices>
     */
    private static function choices(array $bars, Favour $favour): array
    {
        return Choices::allOf($bars, $favour, null);
    }

    /** @param callable(Solution): float $of */
    private static function sum(Score $score, callable $of): float
    {
        return array_sum(array_map(static fn(ScoredBar $b): float => $of($b->solution), $score->bars));
    }


    /** @return list<array{ShortfallKind, list<Limit>}> what is missed, and what is in the way */
    private static function lacks(Solution $solution): array
    {
        return array_map(static fn(Shortfall $s): array => [$s->kind, $s->limits], $solution->shortfalls);
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
