<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Score;

use Kaddle\Core\Form\EffortForm;
use Kaddle\Core\Gear\BodyForm;
use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\Change;
use Kaddle\Core\Score\Control;
use Kaddle\Core\Score\Difference;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\InHand;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Score\Thing;
use Kaddle\Core\Words\ScoreWords;
use PHPUnit\Framework\TestCase;

/** What is turned from bar to bar, and from one score of a night to another. */
final class ChangesTest extends TestCase
{
    public function testAChangeSaysWhatItWouldCostToLeaveIt(): void
    {
        [$bright, $dark] = [Nights::at(0, 'Bright', ['glow.ev' => 6]), Nights::at(1, 'Dark', ['glow.ev' => 2])];
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
        $score = NightSolver::solve([Nights::at(0, 'Here'), Nights::at(1, 'There', [], $other), Nights::at(2, 'Back')], Favour::FewestTurns);
        self::assertSame(['lens: Portrait 85', 'gel: Half orange'], self::labels($score->bars[1]));
        self::assertSame(['lens: Wide', 'gel off'], self::labels($score->bars[2]));
        self::assertSame([2, 0], $score->sumOf(Control::Lens));
        self::assertSame(2.0 * (20.0 + 10.0), $score->turns());
    }

    public function testAWhiteBalanceThatSomebodyHasSaidIsSetAndSetBack(): void
    {
        [, $warm, $same, $back] = NightSolver::solve([
            Nights::at(0, 'As the flash'),
            Nights::at(1, 'Lamps', ['look.balance' => 3200]),
            Nights::at(2, 'Still lamps', ['look.balance' => 3200]),
            Nights::at(3, 'As the flash again'),
        ], Favour::FewestTurns)->bars;
        self::assertSame(['white balance 3200 K'], self::labels($warm));
        self::assertSame([], self::labels($same));
        self::assertSame(['white balance 5500 K'], self::labels($back));
        self::assertSame(3.0, $warm->turns());
    }

    public function testACurtainIsTurnedWhereItShowsAndStaysWhereItDoesNot(): void
    {
        $dance = ['look.school' => 'long-time', 'people.movement' => 'dance', 'glow.ev' => 2, 'look.roomUnder' => 1, 'people.behind' => 'dark-hall'];
        $still = ['people.movement' => 'still', 'glow.ev' => 7];
        [$supper, $first, $toast, $again] = NightSolver::solve([
            Nights::at(0, 'Supper', $still),
            Nights::at(1, 'First dance', $dance),
            Nights::at(2, 'Toast', $still),
            Nights::at(3, 'Dance', $dance),
        ], Favour::FewestTurns)->bars;
        self::assertSame([Curtain::First, Curtain::Second, Curtain::Second, Curtain::Second], [$supper->curtain, $first->curtain, $toast->curtain, $again->curtain]);
        self::assertContains('second curtain', self::labels($first));
        foreach ([$toast, $again] as $bar) {
            self::assertNotContains('first curtain', self::labels($bar));
            self::assertNotContains('second curtain', self::labels($bar));
        }
        [$turned] = array_values(array_filter($first->changes, static fn(Change $c): bool => $c->control === Control::Curtain));
        self::assertSame(3.0, $turned->turns);
        self::assertStringContainsString('trail before them', ScoreWords::why($turned, $first));
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
        $score = NightSolver::solve([Nights::at(0, 'Vows', ['look.withoutFlash' => true]), Nights::at(1, 'Supper')], Favour::FewestTurns);
        $labels = self::labels($score->bars[1]);
        self::assertNotSame([], preg_grep('/^flash on: /', $labels));
        self::assertSame([], preg_grep('/^(head|output) /', $labels));
    }

    public function testTwoScoresOfANightDifferByWhatTheirBarsDo(): void
    {
        [$few, $best] = [NightSolver::solve(Nights::seeded(2), Favour::FewestTurns), NightSolver::solve(Nights::seeded(2), Favour::BestFiles)];
        [$there, $back] = [Difference::between($few, $best), Difference::between($best, $few)];
        self::assertEqualsWithDelta($best->turns() - $few->turns(), $there->turns, 1e-9);
        self::assertLessThan(0.0, $there->iso, 'better files are at lower ISO');
        self::assertEqualsWithDelta([-$there->turns, -$there->iso, -$there->aperture, -$there->output, $there->level], [$back->turns, $back->iso, $back->aperture, $back->output, $back->level], 1e-9);
        self::assertStringContainsString('turns more', ScoreWords::difference($there));
        self::assertSame('As many turns; ISO, aperture and output the same on average. No room and no face moves.', ScoreWords::difference(Difference::between($few, $few)));
    }

    public function testAMomentPopsByTheShareOfItsBarsAndTheirLength(): void
    {
        $score = NightSolver::solve([Nights::at(0, 'Supper'), Nights::at(1, 'Vows', ['look.withoutFlash' => true])], Favour::FewestTurns);
        self::assertSame(['moment 0' => $score->bars[0]->solution->best->output->share(), 'moment 1' => 0.0], $score->shares());
    }

    /** @return list<string> */
    private static function labels(ScoredBar $bar): array
    {
        return array_map(static fn(Change $c): string => ScoreWords::change($c, $bar), $bar->changes);
    }
}
