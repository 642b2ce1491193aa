<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests;

use Kaddle\Core\Document\CostsDocument;
use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Document\WaysDocument;
use Kaddle\Core\Gear\Compensation;
use Kaddle\Core\Gear\CompensationSum;
use Kaddle\Core\Gear\Metering;
use Kaddle\Core\Meter\OutputWays;
use Kaddle\Core\Power\PowerSource;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Words\Clock;
use Kaddle\Core\Words\LengthUnit;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\TestCase;

/**
 * Whole answers to moments at the edges, numbers and sentences, as a golden text: whoever changes an answer
 * sees in the diff which, and reads it through. That they are right is what the other tests are for.
 *
 * Written anew by: KADDLE_GOLDEN=write vendor/bin/phpunit --filter AnswersTest
 */
final class AnswersTest extends TestCase
{
    /** Geometry for the drawing, which has tests of its own and would fill the text. */
    private const DRAWN = ['rays', 'pools', 'ticks'];

    public function testEveryAnswerIsAsPinned(): void
    {
        $lines = [];
        $inFeet = false;
        foreach (self::moments() as $name => $changes) {
            $solution = MomentSolver::solve(Moments::with($changes));
            $voice = $inFeet ? Voice::of(LengthUnit::Feet, Clock::Hours12) : Voice::plain();
            $inFeet = !$inFeet;
            array_push($lines, "== $name", ...Golden::told(SolutionDocument::of($solution, $voice), self::DRAWN));
            array_push($lines, ...Golden::told(CostsDocument::of($solution->moment, $solution->best->light->aim, $voice)));
            array_push($lines, ...Golden::told(self::ways($solution, $voice)));
        }
        Golden::assertSame('answers', $lines);
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function moments(): iterable
    {
        $held = static fn(string $shutter, string $aperture, string $iso): array => [
            'look.school' => 'free-hand', 'look.locks' => ['shutter' => $shutter, 'aperture' => $aperture, 'iso' => $iso],
        ];
        $nothing = ['room.finishes' => Moments::everywhere('open')];
        $pulsing = ['flash.highSpeed' => true, 'look.aperture' => 'f/2.8', 'look.roomUnder' => 1];
        yield 'supper' => [];
        yield 'ISO floats' => ['look.school' => 'iso-floats', 'subject.distance' => 6];
        yield 'low ISO, long time' => ['look.school' => 'long-time', 'look.aperture' => 'f/8', 'people' => ['movement' => 'dance']];
        yield 'free hand' => $held('1/100', 'f/2.8', '1600');
        yield 'as metered' => ['look.roomUnder' => 0, 'glow.ev' => 7];
        yield 'candles to keep' => ['look.keep' => ['what' => 'candles', 'ev' => 8]];
        yield 'a window to keep' => ['look.keep' => ['what' => 'window', 'ev' => 13], 'glow.ev' => 7];
        yield 'dark' => ['glow.ev' => -4];
        yield 'bright' => ['glow.ev' => 14, ...$pulsing];
        yield 'bright, pulsing' => ['glow.ev' => 12, 'look.highSpeed' => true, ...$pulsing];
        yield 'bright, a filter' => ['glow.ev' => 13, 'look.nd' => 5, ...$pulsing];
        yield 'a weak unit by the wall' => ['head' => 'left', 'flash.guideNumber' => 4, 'subject.distance' => 6];
        yield 'too strong' => ['head' => 'direct', 'subject.distance' => 0.5, 'flash.lowestUnderFull' => 3];
        yield 'a long lens' => ['lens.focalLength' => 300, 'subject.distance' => 8];
        yield 'a group before a band' => ['people' => ['depth' => 2.5, 'behind' => 'band', 'clothing' => 'white'], 'look.aperture' => 'f/5.6'];
        yield 'people who walk before a window' => ['people' => ['movement' => 'walk', 'behind' => 'window', 'clothing' => 'dark']];
        yield 'a red room' => ['room.finishes' => Moments::everywhere('red-brick')];
        yield 'wine drape on one side' => ['room.finishes.left' => 'wine-drape', 'head' => 'left'];
        yield 'a barn' => ['room.height' => 4, 'room.roof' => ['ridge' => 8, 'runs' => 'across'], 'room.finishes' => Moments::everywhere('oak-boards')];
        yield 'nothing around' => $nothing;
        yield 'nothing overhead, up and back' => [...$nothing, 'head' => 'up-back'];
        yield 'a dome and a gel, two units' => ['flash.modifier' => ['kind' => 'dome'], 'flash.gel' => ['kind' => 'full-orange'], 'flash.units' => 2];
        yield 'a card' => ['head' => 'card', 'flash.modifier' => ['kind' => 'card']];
        yield 'turned by hand' => ['head' => 'by-hand', 'pointing' => ['turn' => -120, 'tilt' => 40]];
        yield 'a half-stop body on other mains' => ['body.step' => 'half', 'body.sync' => '1/180', 'body.crop' => 1.5, 'body.stabiliser' => 2, 'mains' => 'hz60'];
        yield 'a zoom by hand' => ['flash' => [
            'zoom' => [['focalLength' => 24, 'guideNumber' => 28, 'coverage' => 76], ['focalLength' => 200, 'guideNumber' => 60, 'coverage' => 16]],
            'bounceZoom' => 35, 'lowestUnderFull' => 7, 'step' => 'third',
        ], 'zoom' => 105];
    }

    private static function ways(Solution $solution, Voice $voice): WaysDocument
    {
        return WaysDocument::of(
            $solution,
            OutputWays::of($solution, Metering::Weighted),
            PowerSource::ofSeconds(2.6, 200.0),
            Compensation::ofStops(CompensationSum::FlashAddsUp, 1.0, 0.0),
            $voice,
        );
    }
}
