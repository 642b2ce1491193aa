<?php

declare(strict_types=1);

/*
 * By how much the light of the flash in a picture errs: php core/bench/picture.php [places] [photons]
 *
 * Six rooms through a 24 mm lens: at places of the picture drawn by chance, the light that the picture tells (known at some places of each surface,
 * straight lines between them) in stops against straight light plus photons traced by chance.
 */

use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Picture\Camera;
use Kaddle\Core\Picture\Surface;
use Kaddle\Core\Picture\SurfaceLight;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\PitchedRoof;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\RidgeWay;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Tests\Reference\PhotonTracer;

require __DIR__ . '/../vendor/autoload.php';

const HALF = 0.75;
const ASPECT = 2.0 / 3.0;

/** As a browser paints it: straight between the four places about it. */
function between(SurfaceLight $light, float $u, float $v): float
{
    [$columns, $rows] = [$light->columns, $light->rows];
    [$x, $y] = [max(0.0, min(1.0, $u)) * ($columns - 1), max(0.0, min(1.0, $v)) * ($rows - 1)];
    [$column, $row] = [min($columns - 2, (int) $x), min($rows - 2, (int) $y)];
    [$x, $y] = [$x - $column, $y - $row];
    $at = static fn(int $right, int $up): float => $light->flash[($row + $up) * $columns + $column + $right]->g;

    return ($at(0, 0) * (1.0 - $x) + $at(1, 0) * $x) * (1.0 - $y) + ($at(0, 1) * (1.0 - $x) + $at(1, 1) * $x) * $y;
}

function normal(Surface $surface): Vector
{
    return Direction::along($surface->along->cross($surface->across))->unit;
}

/** m of a place over the plane of a surface, to either side. */
function over(Surface $surface, Vector $place): float
{
    return $place->minus($surface->corner)->dot(normal($surface));
}

/** How far along a side a place lies, 0 to 1. */
function share(Surface $surface, Vector $side, Vector $place): float
{
    return $place->minus($surface->corner)->dot($side) / $side->dot($side);
}

$places = max(5, (int) ($argv[1] ?? 40));
$photons = max(1000, (int) ($argv[2] ?? 20_000));
$rooms = [
    'hall, limewash' => [26.0, 6.4, 3.1, null, 0.77, 0.77],
    'function room' => [14.0, 9.0, 3.0, null, 0.80, 0.60],
    'marquee' => [18.0, 9.0, 2.6, 5.0, 0.60, 0.60],
    'barn, dark timber' => [20.0, 10.0, 4.0, 8.0, 0.10, 0.25],
    'cellar, brick' => [9.0, 5.0, 2.4, null, 0.30, 0.30],
    'white studio' => [8.0, 6.0, 3.5, null, 0.88, 0.88],
];
$ways = ['straight' => [1.0, 0.0, -0.1], 'up' => [0.0, 0.0, 1.0], 'left wall' => [0.2, 0.97, 0.2]];
$random = new Random\Randomizer(new Random\Engine\Mt19937(5));
printf("%-20s %-10s %8s %8s %8s\n", 'room', 'head', 'median', '95 %', 'in 0.15');
$all = [];
foreach ($rooms as $name => [$length, $width, $eaves, $ridge, $overhead, $around]) {
    $room = BoxRoom::fromMetres($length, $width, $eaves, static fn(Face $f): Reflectance => match ($f) {
        Face::Ceiling => Reflectance::of($overhead, $overhead, $overhead),
        Face::Floor => Reflectance::of(0.25, 0.25, 0.25),
        default => Reflectance::of($around, $around, $around),
    }, $ridge === null ? null : PitchedRoof::over($eaves, $ridge, RidgeWay::Along));
    $eye = Vector::of($length * 0.3, $width / 2.0, 1.6);
    foreach ($ways as $aim => $way) {
        $head = Head::at($eye->plus(Vector::of(0.0, 0.0, 0.2)), Direction::along(Vector::of(...$way)), Beam::fromGuideNumber(36.0, 38.0));
        $lit = FlashInRoom::of($room)->lit($head);
        $surfaces = array_map(static fn(Surface $s): array => [$s, SurfaceLight::on($s, $room, $lit)], Surface::seenBy(Camera::looking($eye, 0.0, 0.0, HALF, ASPECT), $room));
        $errors = [];
        for ($i = 0; $i < $places; ++$i) {
            [$x, $y] = [$random->getInt(-1000, 1000) / 1000.0 * HALF, $random->getInt(-1000, 1000) / 1000.0 * HALF * ASPECT];
            $place = $room->meets($eye, 1.0, -$x, $y)->point;
            // The surface that it lies on is the one whose plane is nearest.
            usort($surfaces, static fn(array $a, array $b): int => abs(over($a[0], $place)) <=> abs(over($b[0], $place)));
            [$surface, $light] = $surfaces[0];
            $probe = Probe::at($place, Direction::along(normal($surface)->times(over($surface, $eye) < 0.0 ? -1.0 : 1.0)));
            $truth = (new PhotonTracer($room, 7 + $i))->reflected($head->lobes[0], $probe, $photons) + $head->straightTo($probe);
            $errors[] = abs(log(between($light, share($surface, $surface->along, $place), share($surface, $surface->across, $place)) / $truth, 2));
        }
        $all = [...$all, ...$errors];
        row($name, $aim, $errors);
    }
}
row('all', '', $all);

/** @param list<float> $errors stops, one or more */
function row(string $name, string $aim, array $errors): void
{
    sort($errors);
    $at = static fn(float $share): float => $errors[min(count($errors) - 1, (int) ($share * count($errors)))];
    printf("%-20s %-10s %8.3f %8.3f %7.0f%%\n", $name, $aim, $at(0.5), $at(0.95), 100.0 * count(array_filter($errors, static fn(float $e): bool => $e <= 0.15)) / count($errors));
}
