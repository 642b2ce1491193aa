<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Advice;

use Kaddle\Core\Advice\ChangeCost;
use Kaddle\Core\Advice\ChangeCosts;
use Kaddle\Core\Document\CostsDocument;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\CostWords;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\TestCase;

final class ChangeCostsTest extends TestCase
{
    /** Nothing reflects and head and face are level: twice the distance costs two stops, six third-stop clicks. */
    public function testTwiceTheDistanceCostsTwoStopsOfDirectLight(): void
    {
        $costs = self::costs(['room.finishes' => Moments::everywhere('open'), 'subject.height' => 1.8], HeadAim::Direct)->distances();
        $double = self::at($costs, 6.0);
        self::assertEqualsWithDelta(-2.0, $double->gain->value, 1e-6);
        self::assertSame(6, $double->clicks);
        self::assertSame(-6, self::at($costs, 1.5)->clicks);
    }

    public function testUnderACeilingItCostsLess(): void
    {
        $costs = self::costs([], HeadAim::Up);
        $bounced = self::at($costs->distances(), 6.0)->gain->value;
        $direct = self::at($costs->distancesDirect(), 6.0)->gain->value;
        self::assertEqualsWithDelta(-2.0, $direct, 0.15);
        self::assertGreaterThan($direct + 0.3, $bounced);
        self::assertLessThan(0.0, $bounced);
    }

    /** The higher the ceiling against the distance, the less the distance matters. */
    public function testAHighCeilingForgivesDistance(): void
    {
        $low = self::at(self::costs(['room.height' => 2.4], HeadAim::Up)->distances(), 6.0)->gain->value;
        $high = self::at(self::costs(['room.height' => 6.0], HeadAim::Up)->distances(), 6.0)->gain->value;
        self::assertGreaterThan($low, $high);
    }

    public function testTheCurvesPassThroughNowAndAHigherCeilingCostsLight(): void
    {
        $costs = self::costs([], HeadAim::Up);
        self::assertSame(0, self::at($costs->distances(), 3.0)->clicks);
        self::assertSame(0, self::at($costs->ceilings(), 3.1)->clicks);
        self::assertGreaterThan(0, self::at($costs->ceilings(), 6.2)->clicks);
    }

    public function testStaysWithinTheRoom(): void
    {
        $costs = self::costs(['subject.distance' => 8], HeadAim::Up);
        foreach ($costs->distances() as $cost) {
            self::assertLessThanOrEqual(12.95, $cost->value());
        }
        self::assertSame([4.0, 5.66, 8.0, 11.31], array_map(static fn(ChangeCost $c): float => $c->value(), $costs->distances()));
        self::assertSame([2.19, 3.1, 4.38, 6.2, 8.77], array_map(static fn(ChangeCost $c): float => $c->value(), $costs->ceilings()));
    }

    public function testAHeadAtTheSkyHasNoCurve(): void
    {
        self::assertSame([], self::costs(['room.finishes' => Moments::everywhere('open')], HeadAim::UpBack)->distances());
    }

    /** The head looks up, so it is the ceiling's paint that counts: the lighter, the more comes back. */
    public function testALighterCeilingCostsLess(): void
    {
        $costs = self::costs([], HeadAim::Up);
        self::assertSame(Face::Ceiling, $costs->finishedFace());
        $gains = array_map(static fn(ChangeCost $c): float => $c->gain->value, $costs->finishes());
        $sorted = $gains;
        sort($sorted);
        self::assertSame($sorted, $gains);
        self::assertSame(0, self::at($costs->finishes(), 0.77)->clicks);
        self::assertSame(Face::Left, self::costs(['room.height' => 6], HeadAim::Left)->finishedFace());
    }

    /** The table's two settings by hand, straight at a face that nothing else lights: 42 m against 30 m is 0.97 stop. */
    public function testZoomingInBuysLightOnTheAxis(): void
    {
        $flash = ['zoom' => [['focalLength' => 35, 'guideNumber' => 30, 'coverage' => 68], ['focalLength' => 70, 'guideNumber' => 42, 'coverage' => 40]], 'bounceZoom' => 35, 'lowestUnderFull' => 7, 'step' => 'third'];
        $costs = self::costs(['flash' => $flash, 'room.finishes' => Moments::everywhere('open')], HeadAim::Direct)->zooms();
        self::assertSame(['35 mm', '70 mm'], array_map(static fn(ChangeCost $c): string => CostWords::of($c, Voice::plain()), $costs));
        self::assertEqualsWithDelta(2.0 * log(42.0 / 30.0, 2), $costs[1]->gain->value, 1e-9);
        self::assertSame(-3, $costs[1]->clicks);
    }

    public function testAPitchedRoofRisesAsItIsLifted(): void
    {
        $costs = self::costs(['room.roof' => ['ridge' => 6, 'runs' => 'along']], HeadAim::Up)->ceilings();
        self::assertSame(0, self::at($costs, 3.1)->clicks);
        self::assertGreaterThan(0, self::at($costs, 6.2)->clicks);
    }

    public function testSaysItInASentence(): void
    {
        self::assertMatchesRegularExpression(
            '/^From 3 to 6 m direct light falls by 1\.9 stops; what comes with the head straight up in this room, by \d(\.\d)? stops?\.$/',
            CostsDocument::of(Moments::with([]), HeadAim::Up, Voice::plain())->sentence,
        );
    }

    /** @param array<string, mixed> $changes */
    private static function costs(array $changes, HeadAim $aim): ChangeCosts
    {
        return ChangeCosts::of(Moments::with($changes), $aim);
    }

    /** @param list<ChangeCost> $costs */
    private static function at(array $costs, float $value): ChangeCost
    {
        foreach ($costs as $cost) {
            if (abs($cost->value() - $value) < 0.011) {
                return $cost;
            }
        }
        self::fail("no point at $value m");
    }
}
