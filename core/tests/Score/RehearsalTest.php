<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Score;

use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Score\Rehearsal;
use Kaddle\Core\Score\ScoredBar;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RehearsalTest extends TestCase
{
    #[DataProvider('seeds')]
    public function testABarElsewhereIsSolvedAboutAsWellAsByANewStart(int $seed): void
    {
        $bars = Nights::seeded($seed);
        $rehearsal = Rehearsal::of($bars, Favour::FewestTurns);
        foreach ([[1, 4, -1.0], [6, 2, 0.5], [3, 3, 2.0]] as [$from, $to, $stops]) {
            $there = $bars[$from]->inGlow($stops) ?? self::fail('no glow');
            $moved = self::moved($bars, $from, $to, $there);
            $score = $rehearsal->with($moved);
            $anew = NightSolver::solve($moved, Favour::FewestTurns);
            self::assertSame($moved, array_map(static fn(ScoredBar $b): Bar => $b->bar, $score->bars));
            self::assertSame($anew->turnsAlone, $score->turnsAlone);
            self::assertLessThanOrEqual(1.1 * $anew->turns(), $score->turns());
            foreach ($score->bars as $scored) {
                self::assertLessThanOrEqual(1 / 6 + 1e-6, $scored->worseBy(), $scored->bar->name);
            }
        }
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        yield 'a wedding' => [4];
        yield 'another' => [7];
    }

    /**
     * @param non-empty-list<Bar> $bars
     *
     * @return list<Bar>
     */
    private static function moved(array $bars, int $from, int $to, Bar $there): array
    {
        array_splice($bars, $from, 1);
        array_splice($bars, $to, 0, [$there]);

        return $bars;
    }
}
