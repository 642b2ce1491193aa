<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Advice;

use Kaddle\Core\Advice\Mark;
use Kaddle\Core\Advice\MarkKind;
use Kaddle\Core\Advice\Marks;
use Kaddle\Core\Advice\OneMoreStop;
use Kaddle\Core\Exposure\Mains;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\GainWords;
use Kaddle\Core\Words\MarkWords;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The limits that a control's scale carries. */
final class MarksTest extends TestCase
{
    public function testTheShutterCarriesSyncHandsMovementAndLamps(): void
    {
        $marks = self::byKind(Marks::of(MomentSolver::solve(Moments::with(['people' => ['movement' => 'dance']])))->shutter());
        self::assertSame([null, 230], [$marks['sync']->from, $marks['sync']->to], '1/200');
        self::assertSame(110, $marks['hold']->from, '1/40 where the room lights all of the face, five clicks more where it lights 31 % of it');
        self::assertSame(160, self::byKind(Marks::of(MomentSolver::solve(Moments::with(['look.withoutFlash' => true])))->shutter())['hold']->from, '1/40');
        self::assertStringContainsString('people who dance', self::sentence(['people' => ['movement' => 'dance']], $marks['blur']));
        self::assertGreaterThan(200, $marks['blur']->from, '1/125 for dancers, by the third of the light that is the room’s');
        self::assertContains(200, $marks['even']->at, '1/100 is a whole beat');
    }

    /** What holds still may be exposed longer than what dances. */
    public function testTheFasterTheyMoveTheFasterTheShutter(): void
    {
        $from = array_map(
            static fn(string $movement): int => (int) self::byKind(Marks::of(MomentSolver::solve(Moments::with(['people' => ['movement' => $movement]])))->shutter())['blur']->from,
            ['still', 'talk', 'walk', 'dance'],
        );
        $sorted = $from;
        sort($sorted);
        self::assertSame($sorted, $from);
        self::assertGreaterThan(120, $from[3] - $from[0], 'four stops and more');
    }

    /** Worked by hand: rows at 3 and 4.5 m focus at 3.6 m; (F − n)/(F + n)·f²/(c(s − f)) with f 50 mm and c 0.03 mm gives N = 4.69. */
    public function testAGroupAsksForAnAperture(): void
    {
        $changes = ['subject.distance' => 3.0, 'people' => ['depth' => 1.5], 'lens' => ['focalLength' => 50, 'widest' => 'f/1.8', 'narrowest' => 'f/16']];
        $marks = self::byKind(Marks::of(MomentSolver::solve(Moments::with($changes)))->aperture());
        self::assertSame(140, $marks['depth']->from, 'f/5');
        self::assertSame('A group 1.5 m deep is sharp from f/5, focused at 3.6 m.', self::sentence($changes, $marks['depth']));
    }

    public function testAGroupTooDeepIsTold(): void
    {
        $changes = ['subject.distance' => 1.0, 'people' => ['depth' => 5]];
        $marks = self::byKind(Marks::of(MomentSolver::solve(Moments::with($changes)))->aperture());
        self::assertStringContainsString('not sharp at any aperture', self::sentence($changes, $marks['depth']));
    }

    public function testWithoutFiguresALensDrawsBestTwoStopsDown(): void
    {
        self::assertSame([110, 170], self::best([]));
        self::assertSame([150, 180], self::best(['bestFrom' => 'f/5.6', 'bestTo' => 'f/8']));
    }

    /**
     * @param array<string, string> $changes
     *
     * @return list<int|null>
     */
    private static function best(array $changes): array
    {
        $best = self::byKind(Marks::of(MomentSolver::solve(Moments::with(['lens' => ['focalLength' => 35, 'widest' => 'f/1.8', 'narrowest' => 'f/16'] + $changes])))->aperture())['best'];

        return [$best->from, $best->to];
    }

    #[DataProvider('times')]
    public function testLampsBeatAtTwiceTheMains(Mains $mains, string $shutter, bool $even): void
    {
        self::assertSame($even, $mains->isEven(Shutter::fromLabel($shutter, Step::Third)));
    }

    /** @return iterable<string, array{Mains, string, bool}> exact times lie a little beside their labels, 1/100 is 1/101.6 s */
    public static function times(): iterable
    {
        yield 'a beat' => [Mains::Hz50, '1/100', true];
        yield 'two beats' => [Mains::Hz50, '1/50', true];
        yield 'a beat and a half' => [Mains::Hz50, '1/60', false];
        yield 'part of a beat' => [Mains::Hz50, '1/200', false];
        yield 'a beat of the other mains' => [Mains::Hz60, '1/125', true];
        yield 'two of the other mains' => [Mains::Hz60, '1/60', true];
        yield 'not of the other mains' => [Mains::Hz60, '1/100', false];
    }

    public function testOneMoreStopNamesTheCheapestOfEachLight(): void
    {
        self::assertSame('One more stop of room light comes cheapest from ISO 2500, still within what you deliver; of flash, from the unit at 1/8 +⅔, still quick to recycle.', self::oneMore(['head' => 'left']));
        self::assertStringContainsString('a stand or a faster lens', self::oneMore(['glow.ev' => -3, 'head' => 'direct']), 'hands, lens and ISO are at their ends');
        self::assertStringContainsString('1/20, which hands still hold', self::oneMore(['look.locks' => ['shutter' => '1/40'], 'body.stabiliser' => 2]));
    }

    /** 30 s is the slowest there is, however long hands could hold. */
    public function testOneMoreStopStaysOnTheScale(): void
    {
        $steady = ['body.stabiliser' => 8, 'body.crop' => 0.5, 'lens.focalLength' => 8];
        self::assertStringNotContainsString('which hands still hold', self::oneMore($steady + ['look.locks' => ['shutter' => '30 s']]));
        self::assertStringContainsString('4 s, which hands still hold', self::oneMore($steady + ['look.locks' => ['shutter' => '2 s']]));
    }

    public function testAMoverThatNoShutterHoldsIsTold(): void
    {
        $changes = ['subject.distance' => 1.0, 'lens.focalLength' => 600, 'people' => ['movement' => 'dance']];
        $blur = self::byKind(Marks::of(MomentSolver::solve(Moments::with($changes)))->shutter())['blur'];
        self::assertStringContainsString('no shutter holds people who dance', self::sentence($changes, $blur));
        self::assertSame(391, $blur->from, 'past the fastest');
    }

    /** @param array<string, mixed> $changes */
    private static function oneMore(array $changes): string
    {
        return GainWords::of(OneMoreStop::of(MomentSolver::solve(Moments::with($changes))), Voice::plain());
    }

    /** @param array<string, mixed> $changes of the moment that carries it */
    private static function sentence(array $changes, Mark $mark): string
    {
        return MarkWords::of($mark, Moments::with($changes), Voice::plain());
    }

    /**
     * @param list<Mark> $marks
     *
     * @return array<value-of<MarkKind>, Mark>
     */
    private static function byKind(array $marks): array
    {
        return array_combine(array_map(static fn(Mark $m): string => $m->kind->value, $marks), $marks);
    }
}
