<?php

declare(strict_types=1);

/*
 * How long a drag takes: php core/bench/drag.php [rounds]
 *
 * Medians over rounds, as in solve.php; add the same settings for the figures of the running application.
 */

use Kaddle\Core\Document\DragDocument;
use Kaddle\Core\Drag\Ask;
use Kaddle\Core\Drag\AskedLook;
use Kaddle\Core\Drag\AskKind;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Words\Voice;

require __DIR__ . '/../vendor/autoload.php';

$rounds = max(3, (int) ($argv[1] ?? 40));
$json = (string) file_get_contents(__DIR__ . '/../examples/first-dance-drag.json');
$solution = MomentSolver::solve(MomentReader::fromJson($json));
/** @var array{drag: array{lamps: list<array<string, mixed>>}} $data */
$data = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
$data['drag']['lamps'] = array_fill(0, 200, $data['drag']['lamps'][2]);
$lit = MomentSolver::solve(MomentReader::fromArray($data));
$works = [
    'read a moment document with a drag' => static fn() => MomentReader::fromJson($json),
    'solve it' => static fn() => MomentSolver::solve($solution->moment),
    'its drag, 3 lamps' => static fn() => DragDocument::of($solution, Voice::plain()),
    'the same as JSON' => static fn() => json_encode(DragDocument::of($solution, Voice::plain()), JSON_THROW_ON_ERROR),
    'its drag, 200 lamps' => static fn() => DragDocument::of($lit, Voice::plain()),
];
foreach (AskKind::cases() as $kind) {
    $works["ask for: {$kind->inWords()}"] = static fn() => AskedLook::of($solution, Ask::of($kind, true));
}
printf("PHP %s, %d rounds\n\n%s\n", PHP_VERSION, $rounds, str_pad('', 46) . '   median ms    ratio');
$base = 0.0;
foreach ($works as $name => $work) {
    $work();
    $times = [];
    for ($i = 0; $i < $rounds; ++$i) {
        $start = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);
    $median = $times[intdiv($rounds, 2)];
    $base = $name === 'solve it' ? $median : $base;
    printf("%-46s %12.2f %s\n", $name, $median, $base > 0.0 ? sprintf('%8.2f', $median / $base) : '');
}
