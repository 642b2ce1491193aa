<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Score;

use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Night\NightTemplate;
use Kaddle\Core\Night\TemplateMoment;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\InHand;
use Kaddle\Core\Score\Thing;
use Kaddle\Core\Tests\Moments;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Made-up nights for tests and benchmarks: the templates, with other rooms, distances and light by a seed. */
final class Nights
{
    private const BODIES = [['third', '1/200', '6400'], ['third', '1/250', '12800'], ['half', '1/160', '3200']];
    private const UNITS = [['third', 7], ['third', 7], ['tenth', 8]];

    private function __construct() {}

    /**
     * @param int $most bars at the most
     *
     * @return non-empty-list<Bar>
     */
    public static function seeded(int $seed, int $most = PHP_INT_MAX): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $templates = NightTemplate::cases();
        $moments = $templates[$seed % count($templates)]->moments();
        $start = count($moments) > $most ? $random->getInt(0, count($moments) - $most) : 0;
        $gear = [self::BODIES[$random->getInt(0, 2)], self::UNITS[$random->getInt(0, 2)]];
        $rooms = [];
        $bars = [];
        foreach (array_slice($moments, $start, $most) as $i => $moment) {
            $room = $rooms[$moment->room->value] ??= self::room($moment, $random);
            $bars[] = self::bar($i, $moment, $room, $gear, $random);
        }

        return $bars === [] ? throw new \LogicException('a template without moments') : $bars;
    }

    /**
     * The supper of the examples, with changes, at an hour of the night.
     *
     * @param array<string, mixed> $changes
     */
    public static function at(int $hour, string $name, array $changes = [], ?InHand $inHand = null): Bar
    {
        return Bar::of("moment $hour", $name, 720 + 60 * $hour, 780 + 60 * $hour, Moments::with($changes), $inHand ?? InHand::of(
            Thing::of('b', 'Body'),
            Thing::of('35', 'Wide'),
            Thing::of('u', 'Unit'),
            null,
            null,
        ));
    }

    /** @return array<string, mixed> */
    private static function room(TemplateMoment $moment, Randomizer $random): array
    {
        [$length, $width, $height] = $moment->room->metres();
        $roof = $moment->room->roof();
        $larger = static fn(float $m): float => round($m * (1.0 + $random->getInt(0, 30) / 100.0), 2);
        $finishes = [];
        foreach (Face::cases() as $face) {
            $finish = $moment->room->finish($face);
            $finishes[$face->value] = $finish !== Finish::Open && $random->getInt(0, 4) === 0 ? Finish::Limewash->value : $finish->value;
        }

        return [
            'length' => $larger($length),
            'width' => $larger($width),
            'height' => $roof === null ? $larger($height) : $height,
            ...($roof === null ? [] : ['roof' => ['ridge' => $roof->ridge, 'runs' => $roof->way->value]]),
            'finishes' => $finishes,
        ];
    }

    /**
     * @param array<string, mixed> $room
     * @param array{array{string, string, string}, array{string, int}} $gear
     */
    private static function bar(int $i, TemplateMoment $moment, array $room, array $gear, Randomizer $random): Bar
    {
        $isLong = $moment->distance >= 4.0 && $random->getInt(0, 2) === 0;
        [[$step, $sync, $iso], [$unitStep, $lowest]] = $gear;
        $from = Evening::minutes($moment->starts);

        return Bar::of("moment $i", $moment->name, $from, $from + $moment->minutes, Moments::with([
            'room' => $room,
            'camera' => ['fromBackWall' => 4, 'height' => 1.6],
            'subject' => ['distance' => round($moment->distance * $random->getInt(80, 120) / 100.0, 1), 'height' => $moment->height],
            'glow' => ['ev' => round($moment->glow + $random->getInt(-7, 7) / 10.0, 1)],
            'look' => [
                'roomUnder' => $moment->roomUnder,
                'aperture' => $moment->aperture,
                'school' => $moment->school->value,
                'withoutFlash' => $moment->withoutFlash,
            ],
            'people' => ['movement' => $moment->movement->value, 'behind' => $moment->behind->value, 'depth' => $moment->depth],
            'body.step' => $step,
            'body.sync' => $sync,
            'body.usableIso' => $iso,
            'flash.step' => $unitStep,
            'flash.lowestUnderFull' => $lowest,
            'lens.focalLength' => $isLong ? 85 : 35,
        ]), InHand::of(
            Thing::of('body', 'Body'),
            $isLong ? Thing::of('long', 'Portrait lens') : Thing::of('wide', 'Wide lens'),
            Thing::of('unit', 'Flash unit'),
            null,
            null,
        ));
    }
}
