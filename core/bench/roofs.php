<?php

declare(strict_types=1);

/*
 * By how much a pitched roof errs: php core/bench/roofs.php [photons]
 *
 * Reflected light under pitched roofs, in stops against photons traced by chance:
 * as the engine has it (true slopes for the first reflection, a box of mean height for
 * the rest), and as a plain box of mean height would.
 */

use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\Head;
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

$photons = max(1000, (int) ($argv[1] ?? 60_000));
$rooms = [
    'barn, dark timber' => [20.0, 10.0, 4.0, 8.0, 0.10, 0.10],
    'barn, limewashed' => [20.0, 10.0, 4.0, 8.0, 0.75, 0.70],
    'marquee' => [18.0, 9.0, 2.6, 5.0, 0.60, 0.60],
    'attic' => [9.0, 6.0, 2.1, 4.5, 0.80, 0.70],
];
$ways = ['up' => [0.0, 0.0, 1.0], 'forward' => [0.5, 0.0, 0.87], 'left slope' => [0.0, 0.6, 0.8], 'back' => [-0.6, 0.0, 0.8]];
printf("%-20s %-8s %-11s %8s %8s\n", 'room', 'ridge', 'head', 'engine', 'box');
$errors = [];
foreach ($rooms as $name => [$length, $width, $eaves, $ridge, $roofShare, $wallShare]) {
    $finish = static fn(Face $f): Reflectance => match ($f) {
        Face::Ceiling => Reflectance::of($roofShare, $roofShare, $roofShare),
        Face::Floor => Reflectance::of(0.25, 0.25, 0.25),
        default => Reflectance::of($wallShare, $wallShare, $wallShare),
    };
    foreach (RidgeWay::cases() as $runs) {
        $room = BoxRoom::fromMetres($length, $width, $eaves, $finish, PitchedRoof::over($eaves, $ridge, $runs));
        $box = BoxRoom::fromMetres($length, $width, $room->meanHeight(), $finish);
        $face = Probe::at(Vector::of($length * 0.3 + 3.0, $width / 2.0, 1.6), Direction::along(Vector::of(-1.0, 0.0, 0.0)));
        foreach ($ways as $aim => $way) {
            $head = Head::at(Vector::of($length * 0.3, $width / 2.0, 1.8), Direction::along(Vector::of(...$way)), Beam::fromGuideNumber(30.0, 40.0));
            $truth = (new PhotonTracer($room, 7))->reflected($head->lobes[0], $face, $photons);
            $reflected = static function (BoxRoom $r) use ($head, $face): float {
                $light = FlashInRoom::of($r)->at(['face' => $face])->exposures($head)['face'];

                return $light->first()->plus($light->later)->g;
            };
            $errors['engine'][] = $engine = log($reflected($room) / $truth, 2);
            $errors['box'][] = $plain = log($reflected($box) / $truth, 2);
            printf("%-20s %-8s %-11s %+8.3f %+8.3f\n", $name, $runs->value, $aim, $engine, $plain);
        }
    }
}
foreach ($errors as $name => $all) {
    $sizes = array_map(abs(...), $all);
    sort($sizes);
    printf("%-8s median %.3f   95 %% %.3f   worst %.3f\n", $name, $sizes[intdiv(count($sizes), 2)], $sizes[(int) (0.95 * (count($sizes) - 1))], end($sizes));
}
