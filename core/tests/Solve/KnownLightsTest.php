<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Solve;

use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\FaceLight;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Light that is recalled must be the light that would be worked out. */
final class KnownLightsTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     * @param int $worked how often light is worked out, for the supper and then for the changed supper
     */
    #[DataProvider('changes')]
    public function testOnlyWhatMovesTheLightIsWorkedOutAnew(array $changes, int $worked): void
    {
        $known = self::memory();
        MomentSolver::solve(Moments::with([]), $known);
        $recalled = MomentSolver::solve(Moments::with($changes), $known);
        self::assertSame($worked, $known->worked);
        self::assertEquals(SolutionDocument::of(MomentSolver::solve(Moments::with($changes)), Voice::plain()), SolutionDocument::of($recalled, Voice::plain()));
    }

    /** @return iterable<string, array{array<string, mixed>, int}> */
    public static function changes(): iterable
    {
        yield 'glow' => [['glow.ev' => 7], 1];
        yield 'look' => [['look.roomUnder' => 0.5, 'look.aperture' => 'f/2.8'], 1];
        yield 'a control that is held' => [['look.locks' => ['iso' => '800']], 1];
        yield 'people' => [['people' => ['movement' => 'dance', 'clothing' => 'white']], 1];
        yield 'a group where one person was' => [['people' => ['depth' => 1.5]], 2];
        yield 'body' => [['body.usableIso' => '1600'], 1];
        yield 'distance' => [['subject.distance' => 3.1], 2];
        yield 'ceiling' => [['room.height' => 3.2], 2];
        yield 'finish' => [['room.finishes.left' => 'open'], 2];
        yield 'a head turned by hand' => [['head' => 'by-hand', 'pointing' => ['turn' => 40, 'tilt' => 60]], 2];
        yield 'a second unit' => [['flash.units' => 2], 2];
        yield 'flash' => [['flash.guideNumber' => 40], 2];
        yield 'focal length, which the zoom follows' => [['lens.focalLength' => 85], 2];
    }

    public function testTheLightOnAGroupIsRecalledToo(): void
    {
        $known = self::memory();
        foreach (['f/4', 'f/5.6'] as $aperture) {
            MomentSolver::solve(Moments::with(['people' => ['count' => 9, 'rows' => 2], 'look.aperture' => $aperture]), $known);
        }
        self::assertSame(1, $known->worked);
        MomentSolver::solve(Moments::with(['people' => ['count' => 9, 'rows' => 3]]), $known);
        self::assertSame(2, $known->worked, 'they stand in other places');
    }

    public function testMomentsInOneLightShareIt(): void
    {
        $known = self::memory();
        $moments = array_map(static fn(int $ev): Moment => Moments::with(['glow.ev' => $ev]), ['dim' => 2, 'lit' => 6]);
        $solutions = MomentSolver::solveAll($moments, $known);
        self::assertSame(1, $known->worked);
        self::assertSame(['dim', 'lit'], array_keys($solutions));
        self::assertEquals(MomentSolver::solve($moments['lit']), $solutions['lit']);
    }

    /** @return KnownLights&object{worked: int} forgets nothing, and keeps only what can be written down */
    private static function memory(): KnownLights
    {
        return new class implements KnownLights {
            public int $worked = 0;

            /** @var array<string, string> */
            private array $kept = [];

            public function recall(string $question, \Closure $work): array
            {
                if (!isset($this->kept[$question])) {
                    ++$this->worked;
                    $this->kept[$question] = serialize($work());
                }
                $lights = unserialize($this->kept[$question]);
                TestCase::assertIsArray($lights);
                TestCase::assertContainsOnlyInstancesOf(FaceLight::class, $lights);

                return $lights === [] ? throw new \LogicException('no light') : array_values($lights);
            }
        };
    }
}
