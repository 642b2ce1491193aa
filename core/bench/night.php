<?php

declare(strict_types=1);

/*
 * Whole nights against each moment by itself: php core/bench/night.php [night.json …]
 *
 * Thirty made-up nights by seed, and nights that were exported. For each: turns, things that moments name
 * included, of each moment by itself and of the score; the fewest turns that there are; by how much no moment's room or face gets worse than a
 * sixth of a stop; and how far the score lies over the best there is, where that can be looked for among all
 * choices. Then times and memory for nights of growing length, the light known, of a new start in the middle, and
 * of the cards.
 * Add -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M for the figures of the
 * running application.
 */

use Kaddle\Core\Card\ClickCard;
use Kaddle\Core\Exchange\DocumentReader;
use Kaddle\Core\Exchange\NightBars;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\Change;
use Kaddle\Core\Score\Choices;
use Kaddle\Core\Score\Control;
use Kaddle\Core\Score\Effort;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Score\Rehearsal;
use Kaddle\Core\Score\Score;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Score\Sequence;
use Kaddle\Core\Score\Work;
use Kaddle\Core\Solve\RememberedLights;
use Kaddle\Core\Tests\Score\Nights;

require __DIR__ . '/../vendor/autoload.php';

$known = new RememberedLights();
/** The most by which a moment's room or face gets worse, stops. */
$worse = static fn(Score $score): float => max(0.0, ...array_map(static fn(ScoredBar $b): float => $b->worseBy(), $score->bars));
$things = static fn(Score $score): float => array_sum(array_map(
    static fn(ScoredBar $b): float => array_sum(array_map(
        static fn(Change $c): float => in_array($c->control, Control::things(), true) ? $c->turns : 0.0,
        $b->changes,
    )),
    $score->bars,
));

$nights = [];
foreach (array_slice($argv, 1) as $file) {
    $nights[basename($file)] = NightBars::of(DocumentReader::fromJson((string) file_get_contents($file)));
}
for ($seed = 1; $seed <= 30; ++$seed) {
    $nights["seed $seed"] = Nights::seeded($seed);
}
printf("PHP %s\n\n%-24s %5s %8s %8s %8s %8s %8s %8s\n", PHP_VERSION, 'night', 'bars', 'things', 'alone', 'score', 'fewer', 'least', 'worse by');
$sums = [0.0, 0.0, 0.0, 0.0];
foreach ($nights as $name => $bars) {
    $score = NightSolver::solve($bars, Favour::FewestTurns, known: $known);
    $fixed = $things($score);
    [$alone, $turns] = [$score->turnsAlone - $fixed, $score->turns() - $fixed];
    // The fewest that any choices take, whatever their trouble: exact, for nothing is left out. Lenses are among the things.
    $lenses = $score->sumOf(Control::Lens)[0] * Effort::usual()->of(Control::Lens, 1);
    $fewest = Sequence::through(Choices::allOf($bars, Favour::FewestTurns, $known), array_map(static fn(Bar $b): Work => $b->work(), $bars), 1e-6, null, PHP_INT_MAX)->turns - $lenses;
    $sums = [$sums[0] + $fixed, $sums[1] + $alone, $sums[2] + $turns, $sums[3] + $fewest];
    printf("%-24s %5d %8.0f %8.0f %8.0f %6.0f %% %8.0f %8.2f\n", mb_substr($name, 0, 24), count($bars), $fixed, $alone, $turns, 100.0 * (1.0 - $turns / max(1.0, $alone)), $fewest, $worse($score));
}
printf("%-24s %5s %8.0f %8.0f %8.0f %6.0f %% %8.0f\n", 'together', '', $sums[0], $sums[1], $sums[2], 100.0 * (1.0 - $sums[2] / $sums[1]), $sums[3]);
printf("things counted: %.0f %% fewer, and %.0f %% at the least turns that there are\n", 100.0 * (1.0 - ($sums[2] + $sums[0]) / ($sums[1] + $sums[0])), 100.0 * (1.0 - ($sums[3] + $sums[0]) / ($sums[1] + $sums[0])));

$worst = 0.0;
$dearer = 0;
for ($seed = 1; $seed <= 20; ++$seed) {
    $bars = Nights::seeded($seed, 4);
    foreach (Favour::cases() as $favour) {
        $choices = Choices::allOf($bars, $favour, $known);
        $work = array_map(static fn(Bar $b): Work => $b->work(), $bars);
        $found = Sequence::through($choices, $work, $favour->turnsPerStop(), null)->turns;
        $best = Sequence::through($choices, $work, $favour->turnsPerStop(), null, PHP_INT_MAX)->turns;
        $worst = max($worst, $found / $best - 1.0);
        $dearer += $found > $best + 1e-9 ? 1 : 0;
    }
}
printf("\nagainst all choices, 20 nights of four bars, three favours: %.2f %% dearer at the worst, %d of 60 dearer at all\n\n", 100.0 * $worst, $dearer);

printf("%-44s %10s %10s\n", 'the light known', 'median ms', 'ms a bar');
$peak = 0.0;
foreach ([12, 60, 300] as $count) {
    // What other nights have left behind is not theirs.
    unset($nights, $choices, $work, $works, $score, $past, $rest, $rehearsal);
    $known = new RememberedLights();
    $bars = [];
    for ($seed = 1; count($bars) < $count; ++$seed) {
        $bars = [...$bars, ...Nights::seeded($seed)];
    }
    $bars = array_slice($bars, 0, $count);
    NightSolver::solve($bars, Favour::FewestTurns, $known);
    memory_reset_peak_usage();
    $score = NightSolver::solve($bars, Favour::FewestTurns, $known);
    $peak = memory_get_peak_usage() / 1048576.0;
    $past = array_slice($score->bars, 0, intdiv($count, 2));
    $rest = array_slice($bars, count($past));
    $rehearsal = Rehearsal::of($bars, Favour::FewestTurns, $known);
    $works = [
        '' => [$count, static fn() => NightSolver::solve($bars, Favour::FewestTurns, $known)],
        ', from the middle' => [count($rest), static fn() => NightSolver::solve($rest, Favour::FewestTurns, $known, $past)],
        ', one moved' => [1, static fn() => $rehearsal->with([...array_slice($bars, 0, 5), $bars[5]->inGlow(-0.5) ?? $bars[5], ...array_slice($bars, 6)])],
        ', their cards' => [$count, static fn() => ClickCard::allOf($score, 0.5, $known)],
    ];
    foreach ($works as $part => [$of, $work]) {
        $times = [];
        for ($round = 0; $round < ($count > 100 ? 3 : 7); ++$round) {
            $start = hrtime(true);
            $work();
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);
        $median = $times[intdiv(count($times), 2)];
        printf("%-44s %10.0f %10.1f\n", "$count bars$part", $median, $median / $of);
    }
}
printf("\npeak memory of the longest %.0f MB, the light that is known included\n", $peak);
