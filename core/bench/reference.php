<?php

declare(strict_types=1);

/*
 * The engine against path-traced rooms: php core/bench/reference.php [rooms.json]
 *
 * Errors in stops, log2(engine / traced), of luminance totals; by kind of room and
 * by direction of the head, the worst rooms, and two rules of thumb for comparison.
 */

use Kaddle\Core\Flash\Exposure;
use Kaddle\Core\Form\BounceCase;
use Kaddle\Core\Form\BounceReader;
use Kaddle\Core\Quantity\Rgb;

require __DIR__ . '/../vendor/autoload.php';

/** Probes count where the reference is within so many stops of the face. */
const WITHIN = 8.0;

$json = (string) file_get_contents($argv[1] ?? __DIR__ . '/../tests/golden/rooms.json');
/** @var list<array{id: string, expected: array<string, array{total: array{float, float, float}}>}> $traced */
$traced = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
$cases = BounceReader::fromJson($json);

/** @param list<float> $errors */
function summary(array $errors): string
{
    $sizes = array_map(abs(...), $errors);
    sort($sizes);
    $count = count($sizes);
    if ($count === 0) {
        return '-';
    }

    return sprintf('%3d   median %.3f   95 %% %.3f   worst %.3f', $count, $sizes[intdiv($count, 2)], $sizes[(int) ceil(0.95 * $count) - 1], $sizes[$count - 1]);
}

/** Luminous exposure by a rule: inverse square over a distance, two stops lost to the bounce. */
function rule(BounceCase $case, float $distance): float
{
    return $case->heads[0]->beam->axial / $distance ** 2 / 4.0;
}

/** Path from the head to the face by way of where its axis meets the room. */
function path(BounceCase $case): float
{
    $way = $case->heads[0]->direction->unit;
    $hit = $case->room->meets($case->heads[0]->position, $way->x, $way->y, $way->z)->point;

    return $hit->minus($case->heads[0]->position)->length() + $case->probes['face']->point->minus($hit)->length();
}

$byProbe = $byKind = $byDirection = $byRule = $face = [];
foreach ($cases as $i => $case) {
    $light = array_map(static fn(Exposure $e): float => $e->total()->luminance(), $case->exposures());
    $truth = array_map(static fn(array $e): float => Rgb::of(...$e['total'])->luminance(), $traced[$i]['expected']);
    foreach ($truth as $probe => $expected) {
        if ($expected > 0.0 && abs(log($expected / $truth['face'], 2.0)) <= WITHIN) {
            $byProbe[$probe][] = log($light[$probe] / $expected, 2.0);
        }
    }
    $parts = explode('-', $case->id);
    array_pop($parts);
    $direction = (string) preg_replace('/\d+$/', '', (string) array_pop($parts));
    $face[$case->id] = $byKind[implode(' ', $parts)][] = $byDirection[$direction][] = log($light['face'] / $truth['face'], 2.0);
    if ($direction !== 'direct') {
        $straight = $case->probes['face']->point->minus($case->heads[0]->position)->length();
        $byRule['path length, inverse square, less two stops'][] = log(rule($case, path($case)) / $truth['face'], 2.0);
        $byRule['straight distance, less two stops'][] = log(rule($case, $straight) / $truth['face'], 2.0);
        $byRule['this engine, same rooms'][] = $face[$case->id];
    }
}
foreach (['Probe' => $byProbe, 'Face, by kind of room' => $byKind, 'Face, by direction' => $byDirection, 'Face of bounced rooms, by rule' => $byRule] as $title => $groups) {
    echo "\n$title\n";
    foreach ($groups as $name => $errors) {
        printf("  %-44s %s\n", $name, summary($errors));
    }
}
uasort($face, static fn(float $a, float $b): int => abs($b) <=> abs($a));
echo "\nFace, worst rooms\n";
foreach (array_slice($face, 0, 5) as $id => $error) {
    printf("  %-44s %+.3f\n", $id, $error);
}
