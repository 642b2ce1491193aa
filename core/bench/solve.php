<?php

declare(strict_types=1);

/*
 * How long the engine takes: php core/bench/solve.php [rounds]
 *
 * Medians over rounds; the ratios hold within one run, whatever the machine
 * does besides. For the figures of the running application add the settings
 * with which bin/start runs PHP:
 *   php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M core/bench/solve.php
 */

use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Flash\Modifier;
use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Flash\Outfit;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Solve\MomentSolver;

require __DIR__ . '/../vendor/autoload.php';

$rounds = max(3, (int) ($argv[1] ?? 40));
$json = (string) file_get_contents(__DIR__ . '/../examples/supper.json');
$moment = MomentReader::fromJson($json);
$scene = $moment->scene;
$engine = FlashInRoom::of($scene->room);
$head = Head::at($scene->head, Kaddle\Core\Room\Direction::up(), $moment->zoomFor(Kaddle\Core\Flash\HeadAim::Up)->beam);
$probes = [
    'face' => $scene->faceProbe(),
    'crown' => $scene->crownProbe(),
    'left' => $scene->leftProbe(),
    'right' => $scene->rightProbe(),
    'backdrop' => $scene->backdropProbe(),
];
$probed = $engine->at($probes);
$many = static function (int $times) use ($probes): array {
    $all = [];
    for ($i = 0; $i < $times; ++$i) {
        foreach ($probes as $name => $probe) {
            $all["$name $i"] = $probe;
        }
    }

    return $all;
};
$ten = $engine->at($many(2));
$twenty = $engine->at($many(4));
$domed = Head::dressed($head->position, $head->direction, $head->beam, Outfit::of(1, Modifier::fromCatalogue(ModifierKind::Dome), null), $scene->faceProbe()->normal->opposite(), Kaddle\Core\Quantity\Kelvin::of(5500.0));
$solution = MomentSolver::solve($moment);

$tasks = [
    'read a moment document' => static fn() => MomentReader::fromJson($json),
    'prepare a room (form factors)' => static fn() => FlashInRoom::of($scene->room),
    'place 5 probes in it (importance)' => static fn() => $engine->at($probes),
    'one bounce, known room and places' => static fn() => $probed->exposures($head),
    'the same, 2 units' => static fn() => $probed->exposures($head, $head),
    'the same, 4 units' => static fn() => $probed->exposures($head, $head, $head, $head),
    'the same, 8 units' => static fn() => $probed->exposures(...array_fill(0, 8, $head)),
    'one bounce, known room, 10 probes' => static fn() => $ten->exposures($head),
    'one bounce, known room, 20 probes' => static fn() => $twenty->exposures($head),
    'the same through a dome, 5 probes' => static fn() => $probed->exposures($domed),
    'one bounce, new room, 5 probes' => static fn() => FlashInRoom::of($scene->room)->at($probes)->exposures($head),
    '12 heads, known room and places' => static fn() => array_map(static fn() => $probed->exposures($head), range(1, 12)),
    'solve a moment (9 ways to point the head)' => static fn() => MomentSolver::solve($moment),
    'write the solution as JSON' => static fn() => json_encode(SolutionDocument::of($solution, Kaddle\Core\Words\Voice::plain())),
];
$times = [];
for ($round = -5; $round < $rounds; ++$round) {
    foreach ($tasks as $name => $task) {
        $start = hrtime(true);
        $task();
        if ($round >= 0) {
            $times[$name][] = (hrtime(true) - $start) / 1e6;
        }
    }
}
$medians = array_map(static function (array $t): float {
    sort($t);

    return $t[intdiv(count($t), 2)];
}, $times);
$unit = $medians['one bounce, known room and places'];
printf("PHP %s, %d rounds, peak memory %.1f MB\n\n", PHP_VERSION, $rounds, memory_get_peak_usage() / 1e6);
printf("%-44s %10s %8s\n", '', 'median ms', 'ratio');
foreach ($medians as $name => $median) {
    printf("%-44s %10.2f %8.2f\n", $name, $median, $median / $unit);
}
