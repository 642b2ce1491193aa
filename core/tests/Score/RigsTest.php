<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Score;

use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\Change;
use Kaddle\Core\Score\Control;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\InHand;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Score\Rehearsal;
use Kaddle\Core\Score\Rigs;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Score\Thing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Two bodies side by side. */
final class RigsTest extends TestCase
{
    /** A body for the bright side and one for the dark: taken up three times at ten turns, and never turned. */
    public function testWhatABodyIsSetToStaysWhileAnotherIsUsed(): void
    {
        $score = NightSolver::solve(self::sides('second unit'), Favour::FewestTurns);
        self::assertSame([3, 0], $score->sumOf(Control::Body));
        self::assertSame([30.0, 30.0], [$score->turns(), $score->turnsAlone]);
        self::assertSame([[], [Control::Body], [Control::Body], [Control::Body]], self::controls($score->bars));
        self::assertTrue($score->bars[0]->stand()->equals($score->bars[2]->stand()));
        self::assertFalse($score->bars[0]->stand()->equals($score->bars[1]->stand()));
    }

    public function testAUnitThatIsMovedBetweenThemMakesThemOne(): void
    {
        $score = NightSolver::solve(self::sides('unit'), Favour::FewestTurns);
        self::assertGreaterThan(30.0, $score->turns());
        self::assertContains(Control::Body, self::controls($score->bars)[1]);
        self::assertContains(Control::Iso, self::controls($score->bars)[1]);
    }

    /**
     * @param list<array{string, string, bool}> $bars body, unit, and whether the flash is off
     * @param list<int> $rigs
     */
    #[DataProvider('sets')]
    public function testBodiesThatShareAUnitAreOneRig(array $bars, array $rigs): void
    {
        $made = array_map(static fn(array $b): Bar => self::bar(0, $b[0], $b[1], ['look.withoutFlash' => $b[2], 'glow.ev' => 6]), $bars);
        $found = Rigs::of($made);
        self::assertSame($rigs, array_map(static fn(int $rig): int => (int) array_search($rig, array_values(array_unique($found->numbers)), true), $found->numbers));
        $places = array_merge(...array_values($found->places()));
        sort($places);
        self::assertSame(array_keys($made), $places, 'each bar belongs to one');
    }

    /** @return iterable<string, array{list<array{string, string, bool}>, list<int>}> */
    public static function sets(): iterable
    {
        yield 'one of each' => [[['A', 'u', false], ['A', 'u', false]], [0, 0]];
        yield 'two of each' => [[['A', 'u', false], ['B', 'v', false], ['A', 'u', false]], [0, 1, 0]];
        yield 'one unit' => [[['A', 'u', false], ['B', 'u', false]], [0, 0]];
        yield 'one unit, switched off on one' => [[['A', 'u', false], ['B', 'u', true]], [0, 1]];
        yield 'one with both units, late' => [[['A', 'u', false], ['B', 'v', false], ['A', 'v', false]], [0, 0, 0]];
        yield 'a third apart' => [[['A', 'u', false], ['B', 'v', false], ['C', 'w', false], ['B', 'u', false]], [0, 0, 1, 0]];
        yield 'none' => [[], []];
    }

    public function testARehearsalAndAStartFromTheMiddleKeepThemApart(): void
    {
        $bars = self::sides('second unit');
        $score = NightSolver::solve($bars, Favour::FewestTurns);
        $rehearsed = Rehearsal::of($bars, Favour::FewestTurns)->with($bars);
        $rest = NightSolver::solve(array_slice($bars, 2), Favour::FewestTurns, null, array_slice($score->bars, 0, 2));
        foreach ([$rehearsed, $rest] as $other) {
            self::assertSame($score->turns(), $other->turns());
            foreach ($score->bars as $i => $bar) {
                self::assertTrue($bar->stand()->equals($other->bars[$i]->stand()));
            }
        }
    }

    /** @return list<Bar> bright and dark in turn, each with a body of its own */
    private static function sides(string $secondUnit): array
    {
        $bright = ['glow.ev' => 8];
        $dark = ['glow.ev' => 1];

        return [self::bar(0, 'A', 'unit', $bright), self::bar(1, 'B', $secondUnit, $dark), self::bar(2, 'A', 'unit', $bright), self::bar(3, 'B', $secondUnit, $dark)];
    }

    /** @param array<string, mixed> $changes */
    private static function bar(int $hour, string $body, string $unit, array $changes): Bar
    {
        return Nights::at($hour, "At $hour", $changes, InHand::of(Thing::of($body, $body), Thing::of("lens of $body", 'Lens'), Thing::of($unit, $unit), null, null));
    }

    /**
     * @param list<ScoredBar> $bars
     *
     * @return list<list<Control>>
     */
    private static function controls(array $bars): array
    {
        return array_map(static fn(ScoredBar $b): array => array_map(static fn(Change $c): Control => $c->control, $b->changes), $bars);
    }
}
