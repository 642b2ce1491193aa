<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests;

use Kaddle\Core\Card\ClickCard;
use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Colour\GelKind;
use Kaddle\Core\Document\AskedLookDocument;
use Kaddle\Core\Document\ColourDocument;
use Kaddle\Core\Document\DragDocument;
use Kaddle\Core\Document\PictureDocument;
use Kaddle\Core\Document\ScoreDocument;
use Kaddle\Core\Document\SectionDocument;
use Kaddle\Core\Drag\Ask;
use Kaddle\Core\Drag\AskedLook;
use Kaddle\Core\Drag\AskKind;
use Kaddle\Core\Exchange\DocumentReader;
use Kaddle\Core\Exchange\NightBars;
use Kaddle\Core\People\Behind;
use Kaddle\Core\People\Movement;
use Kaddle\Core\Picture\View;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\RememberedLights;
use Kaddle\Core\Tests\Score\Nights;
use Kaddle\Core\Words\Clock;
use Kaddle\Core\Words\LengthUnit;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\TestCase;

/**
 * Whole pictures, drags, colours, sections, asked looks and nights as a golden text, in metres and in feet by turns, as AnswersTest has
 * answers; of long lists how many, the sum of numbers, and which.
 *
 * Written anew by: KADDLE_GOLDEN=write vendor/bin/phpunit --filter ScenesTest
 */
final class ScenesTest extends TestCase
{
    /** Numbers or parts of a list beyond which it is condensed. */
    private const LONG = 12;

    public function testEverySceneIsAsPinned(): void
    {
        [$lines, $scenes] = [[], 0];
        $gels = array_map(static fn(GelKind $k): Gel => $k->gel(), GelKind::cases());
        foreach (self::moments() as $name => $changes) {
            $solution = MomentSolver::solve(Moments::with($changes));
            $voice = self::voice(++$scenes % 2 === 0);
            array_push($lines, "== $name", ...self::told(DragDocument::of($solution, $voice)));
            $view = $scenes % 3 === 0 ? View::ofDegrees(5.0, -20.0, true) : View::usual();
            array_push($lines, ...self::told(PictureDocument::of($solution, $view, $voice)));
            array_push($lines, ...self::told(ColourDocument::of($solution, $gels)), ...self::told(SectionDocument::of($solution)));
        }
        Golden::assertSame('scenes', $lines);
    }

    public function testEveryAskedLookIsAsPinned(): void
    {
        $lines = [];
        foreach (self::asking() as $name => $changes) {
            $solution = MomentSolver::solve(Moments::with($changes));
            foreach (AskKind::cases() as $kind) {
                foreach ([[false, 20.0, 1.0], [true, 5.0, 3.0]] as [$tripod, $lamps, $heads]) {
                    $look = AskedLook::of($solution, Ask::of($kind, $tripod, $lamps, $heads));
                    array_push($lines, "== $name, $kind->value" . ($tripod ? ', tripod' : ''), ...Golden::told(AskedLookDocument::of($look, $solution, self::voice($tripod))));
                }
            }
        }
        Golden::assertSame('asked', $lines);
    }

    public function testEveryNightIsAsPinned(): void
    {
        $example = NightBars::of(DocumentReader::fromJson((string) file_get_contents(__DIR__ . '/../examples/night.json')));
        $lines = [];
        foreach (['as it ships' => $example, 'a wedding' => Nights::seeded(4, 6), 'a club' => Nights::seeded(6, 6)] as $name => $bars) {
            foreach ([[Favour::FewestTurns, false], [Favour::BestFiles, true]] as [$favour, $inFeet]) {
                $known = new RememberedLights();
                $voice = self::voice($inFeet);
                $score = NightSolver::solve($bars, $favour, $known);
                array_push($lines, "== $name, $favour->value", ...self::told(
                    ScoreDocument::of($score, $voice, ClickCard::allOf($score, $voice->unit->cardStep(), $known)),
                ));
            }
        }
        Golden::assertSame('nights', $lines);
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function moments(): iterable
    {
        $lamps = [
            ['across' => -1.2, 'up' => 0.8, 'away' => 7, 'ev' => 10],
            ['across' => 1.5, 'up' => 1.4, 'away' => 8, 'ev' => 12, 'kelvin' => 5600, 'speedAcross' => 2, 'speedUp' => -0.5, 'size' => 200],
        ];
        $long = ['look.school' => 'long-time', 'look.aperture' => 'f/8', 'glow.ev' => 3];
        yield 'supper' => [];
        yield 'a dance under lamps' => [...$long, 'people' => ['movement' => 'dance'], 'drag' => ['curtain' => 'second', 'seconds' => 1, 'lamps' => $lamps]];
        yield 'a sweep' => [...$long, 'drag' => ['camera' => 'sweep', 'angle' => 8, 'tripod' => true, 'beats' => 110, 'zoneFrom' => 1.5, 'zoneTo' => 5, 'crowdSpeed' => 1.2]];
        yield 'a group before a window, under a ridge' => [
            'room.roof' => ['ridge' => 5, 'runs' => 'across'], 'subject.distance' => 4.5, 'look.aperture' => 'f/5.6', 'outdoors' => 9,
            'people' => ['count' => 9, 'rows' => 3, 'rowGap' => 0.8, 'width' => 3, 'behind' => 'window', 'clothing' => 'dark'],
        ];
        yield 'a couple straight before a wall' => ['people' => ['count' => 2, 'clothing' => 'white'], 'head' => 'direct', 'flash.units' => 2, 'flash.gel' => ['kind' => 'half-orange']];
        yield 'without flash' => ['look.withoutFlash' => true, 'glow.ev' => 6, 'look.balance' => 3200, 'people' => ['behind' => 'band']];
        foreach (Behind::cases() as $i => $behind) {
            $movement = Movement::cases()[$i % count(Movement::cases())];
            yield "before {$behind->value}, $movement->value" => [
                'people' => ['behind' => $behind->value, 'movement' => $movement->value, 'count' => 1 + $i % 3, 'clothing' => ['white', 'dark', 'mixed'][$i % 3]],
                'subject.distance' => 2.0 + 0.7 * $i, 'glow.ev' => 1.5 * $i, 'outdoors' => 2 * $i, 'lens.focalLength' => [24, 35, 85][$i % 3],
                'camera.height' => [0.5, 1.6, 2.4][$i % 3], 'flash.modifier' => ['kind' => ['dome', 'soft-box', 'grid'][$i % 3]],
            ];
        }
        yield 'nothing overhead' => ['room.finishes.ceiling' => 'open', 'outdoors' => 4, 'head' => 'left'];
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function asking(): iterable
    {
        yield 'supper' => [];
        yield 'a dance' => ['glow.ev' => 2, 'look.aperture' => 'f/4', 'people' => ['movement' => 'dance'], 'subject.distance' => 2.5];
        yield 'a bright room' => ['glow.ev' => 9, 'people' => ['movement' => 'walk', 'behind' => 'window'], 'outdoors' => 12];
        yield 'a dark one, a crowd' => ['glow.ev' => -1, 'people' => ['movement' => 'still'], 'drag' => ['crowdSpeed' => 1.5], 'flash.highSpeed' => true];
        yield 'without flash' => ['look.withoutFlash' => true, 'glow.ev' => 4, 'people' => ['movement' => 'dance']];
    }

    private static function voice(bool $inFeet): Voice
    {
        return $inFeet ? Voice::of(LengthUnit::Feet, Clock::Hours12) : Voice::plain();
    }

    /** @return list<string> */
    private static function told(object $document): array
    {
        return Golden::told((object) self::condensed(json_decode(json_encode($document, JSON_THROW_ON_ERROR), true, 32, JSON_THROW_ON_ERROR)));
    }

    private static function condensed(mixed $value): mixed
    {
        if (!is_array($value)) {
            return $value;
        }
        if (count($value) > self::LONG && array_filter($value, is_numeric(...)) === $value) {
            return sprintf('%d numbers, %.2f together, %08x', count($value), array_sum($value), crc32(json_encode($value, JSON_THROW_ON_ERROR)));
        }

        if (count($value) > self::LONG && array_filter($value, is_array(...)) === $value) {
            return sprintf('%d parts, %08x', count($value), crc32(json_encode($value, JSON_THROW_ON_ERROR)));
        }

        return array_map(self::condensed(...), $value);
    }
}
