<?php

declare(strict_types=1);

/*
 * The engine, told only what is printed, against traced heads: php core/bench/beams.php [rooms.json | --trace]
 *
 * Heads are rectangles of 3:2 with a steep edge; the engine knows their guide number and coverage.
 * Each row is told twice, log2(engine / traced) of the light on the face: with half of the coverage
 * taken as the half-angle of a round cosine lobe, and as the engine takes it. --trace traces the rooms
 * of core/tests/golden/beams.json anew and prints them.
 */

use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\CosineSpread;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Form\BounceReader;
use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Tests\Reference\PhotonTracer;

require __DIR__ . '/../vendor/autoload.php';

const GOLDEN = __DIR__ . '/../tests/golden/beams.json';
const PHOTONS = 150_000;

/** Ceiling, floor, walls: reflectance; length, width, height: m. */
const ROOMS = [
    'function room' => [10.0, 8.0, 2.7, 0.80, 0.25, 0.60],
    'long low hall' => [24.0, 6.0, 2.6, 0.70, 0.20, 0.45],
    'ballroom' => [20.0, 14.0, 6.0, 0.75, 0.30, 0.55],
    'dark barn' => [16.0, 9.0, 5.5, 0.14, 0.15, 0.20],
    'marquee' => [18.0, 10.0, 3.2, 0.78, 0.12, 0.70],
];

/** Turn to the left and tilt, degrees; coverage, degrees. */
const HEADS = ['up' => [0.0, 90.0, 76.0], 'up-forward' => [0.0, 60.0, 76.0], 'left' => [90.0, 30.0, 76.0], 'over the left shoulder' => [135.0, 45.0, 50.0]];

/** Traces every head in every room and gives them as `light bounce` takes them, with what was found. */
function traced(): string
{
    $cases = [];
    foreach (ROOMS as $name => [$length, $width, $height, $ceiling, $floor, $walls]) {
        foreach (HEADS as $aim => [$turn, $tilt, $coverage]) {
            $way = Angles::ofDegrees($turn, $tilt)->direction()->unit;
            $case = [
                'id' => "$name, $aim",
                'room' => ['size' => [$length, $width, $height], 'reflectance' => [
                    'ceiling' => array_fill(0, 3, $ceiling), 'floor' => array_fill(0, 3, $floor),
                    ...array_fill_keys(['x0', 'x1', 'y0', 'y1'], array_fill(0, 3, $walls)),
                ]],
                'flash' => ['position' => [5.0, $width / 2.0, 1.8], 'direction' => $way->byAxis(), 'guideNumber' => 30, 'coverageDeg' => $coverage],
                'probes' => [
                    'face' => ['point' => [8.0, $width / 2.0, 1.6], 'normal' => [-1, 0, 0]],
                    'background' => ['point' => [$length, $width / 2.0, 1.6], 'normal' => [-1, 0, 0]],
                ],
            ];
            [$read] = BounceReader::fromJson(json_encode($case, JSON_THROW_ON_ERROR));
            $face = (new PhotonTracer($read->room, 14))->printed(
                $read->heads[0]->position,
                $way,
                $read->heads[0]->beam->axial,
                $coverage,
                $read->probes['face'],
                PHOTONS,
            );
            $cases[] = $case + ['expected' => ['face' => ['total' => array_fill(0, 3, round($face, 4))]]];
        }
    }

    return json_encode($cases, JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
}

if (($argv[1] ?? '') === '--trace') {
    echo traced(), "\n";
    exit;
}
/** @var list<array{flash: array{coverageDeg?: float, printedHalfAngleDeg?: float, beam?: string}, expected: array{face: array{total: array{float, float, float}}}}> $traced */
$traced = json_decode((string) file_get_contents($argv[1] ?? GOLDEN), true, 16, JSON_THROW_ON_ERROR);
$errors = ['before' => [], 'now' => []];
foreach ($traced as $case) {
    $flash = $case['flash'];
    if (!isset($flash['coverageDeg']) && str_contains($flash['beam'] ?? '', 'rectangle')) {
        $case['flash']['coverageDeg'] = 2.0 * ($flash['printedHalfAngleDeg'] ?? 0.0);
    }
    $coverage = $case['flash']['coverageDeg'] ?? null;
    if ($coverage === null) {
        continue;
    }
    [$read] = BounceReader::fromJson(json_encode($case, JSON_THROW_ON_ERROR));
    [$head] = $read->heads;
    $lit = FlashInRoom::of($read->room)->at(['face' => $read->probes['face']]);
    $off = static fn(Head $head): float => log($lit->exposures($head)['face']->total()->luminance() / Rgb::of(...$case['expected']['face']['total'])->luminance(), 2);
    $exponent = CosineSpread::halvedAtDegrees($coverage / 2.0)->exponent;
    $round = Beam::fromEnergy(2.0 * M_PI * $head->beam->axial / ($exponent + 1.0), $exponent);
    $errors['before'][] = $before = $off(Head::at($head->position, $head->direction, $round));
    $errors['now'][] = $now = $off($head);
    printf("%-44s before %+.3f   now %+.3f\n", $read->id, $before, $now);
}
foreach ($errors as $when => $all) {
    $sizes = array_map(abs(...), $all);
    sort($sizes);
    $count = count($sizes);
    printf("%-8s %d   median %.3f   95 %% %.3f   worst %.3f\n", $when, $count, $sizes[intdiv($count, 2)], $sizes[(int) ceil(0.95 * $count) - 1], $sizes[$count - 1]);
}
