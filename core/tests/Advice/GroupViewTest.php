<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Advice;

use Kaddle\Core\Advice\GroupView;
use Kaddle\Core\Document\GroupDocument;
use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Situation\GroupPlace;
use Kaddle\Core\Solve\GroupLight;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GroupViewTest extends TestCase
{
    private const FIRST = [
        'room.length' => 20, 'room.width' => 10, 'room.height' => 12, 'camera' => ['fromBackWall' => 5, 'height' => 1.6],
        'subject.height' => 1.6, 'head' => 'direct', 'flash.guideNumber' => 14, 'flash.coverage' => 70,
    ];

    /** @param array<string, mixed> $changes */
    #[DataProvider('rows')]
    public function testItAgreesWithTheSumsByHand(array $changes, float $fitsFrom, ?float $last): void
    {
        $group = self::view(self::solve($changes + self::FIRST + ['room.finishes' => Moments::everywhere('open')]));
        self::assertEqualsWithDelta($fitsFrom, $group->fitsFrom->metres, 0.01);
        self::assertSame($group->fits(), $fitsFrom <= $group->moment->scene->distance);
        if ($last !== null) {
            self::assertEqualsWithDelta($last, self::light($group)->falls()[GroupPlace::BackMiddle->value]->value, 0.02);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, float, float|null}> */
    public static function rows(): iterable
    {
        preg_match_all('/^\| ([^|]+) \| ((?:`people[^|]+)) \| ([\d.]+) \| ([−\d.–]+) \|$/mu', (string) file_get_contents(__DIR__ . '/../../../docs/physics.md'), $lines, PREG_SET_ORDER);
        foreach ($lines as [, $name, $told, $fitsFrom, $last]) {
            preg_match_all('/`([\w.]+)=([\d.]+)`/', $told, $changes);
            yield $name => [array_combine($changes[1], array_map(floatval(...), $changes[2])), (float) $fitsFrom, $last === '–' ? null : (float) str_replace('−', '-', $last)];
        }
    }

    public function testThereAreFour(): void
    {
        self::assertCount(4, iterator_to_array(self::rows()));
    }

    public function testOnePersonIsNoGroup(): void
    {
        self::assertNull(GroupView::of(self::solve([])));
        self::assertNull(SolutionDocument::of(self::solve(['people' => ['count' => 1, 'rows' => 1]]), Voice::plain())->group);
    }

    public function testALastRowInTheDarkIsToldWithTheWayThatIsMoreEven(): void
    {
        $far = ['people' => ['count' => 12, 'rows' => 3, 'rowGap' => 1.2], 'flash.guideNumber' => 58];
        $straight = self::view(self::solve(['head' => 'direct'] + $far));
        self::assertLessThan(-GroupView::EVEN, self::light($straight)->worst()->value);
        [$aim, $fall] = $straight->evener ?? self::fail('no way is more even');
        self::assertGreaterThan(self::light($straight)->worst()->value, $fall->value);
        $turned = self::view(self::solve(['head' => $aim->value] + $far));
        self::assertEqualsWithDelta($fall->value, self::light($turned)->worst()->value, 1e-9);
        $told = SolutionDocument::of(self::solve(['head' => 'direct'] + $far), Voice::plain())->group->sentences ?? [];
        self::assertStringContainsString($aim->inWords(), implode(' ', $told));
    }

    public function testAFlashThatIsOffLightsNoPlace(): void
    {
        $group = self::view(self::solve(['people' => ['count' => 6], 'look.withoutFlash' => true]));
        self::assertNull($group->light);
    }

    public function testDepthIsHeldByAnOpeningOrByNone(): void
    {
        self::assertTrue(self::view(self::solve(['people' => ['depth' => 2], 'look.aperture' => 'f/1.8']))->isSharp, 'the solver closes down for it');
        self::assertContains(
            'The last of them would stand beyond the wall: behind the subject there are 10 m.',
            GroupDocument::of(self::solve(['people' => ['depth' => 12]]), Voice::plain())->sentences ?? [],
            'as documents of before rows were asked may tell it',
        );
        $held = self::view(self::solve(['people' => ['depth' => 2], 'look.school' => 'free-hand', 'look.locks' => ['shutter' => '1/60', 'aperture' => 'f/1.8', 'iso' => '800']]));
        self::assertFalse($held->isSharp);
        self::assertNotNull($held->holding);
    }

    /** @param array<string, mixed> $people */
    #[DataProvider('faults')]
    public function testWhatCannotBeIsRefusedByField(array $people, string $field, string $sentence): void
    {
        try {
            Moments::with(['people' => $people]);
            self::fail('taken');
        } catch (FaultyDocument $e) {
            self::assertSame("people.$field", $e->faults[0]->field);
            self::assertStringContainsString($sentence, $e->faults[0]->sentence->plain());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function faults(): iterable
    {
        yield 'wider than the room' => [['width' => 7], 'width', 'wider than the room: that is 6.4 m'];
        yield 'deeper than the room' => [['rows' => 2, 'depth' => 12], 'depth', 'beyond the wall'];
        yield 'beyond the wall' => [['rows' => 11, 'rowGap' => 2], 'rowGap', 'beyond the wall'];
        yield 'a distance between one row' => [['rowGap' => 1], 'rowGap', 'how many rows'];
        yield 'depth told twice' => [['rows' => 2, 'rowGap' => 1, 'depth' => 3], 'rowGap', 'either the depth'];
        yield 'no rows' => [['rows' => 0], 'rows', '1 to 20'];
        yield 'half a row' => [['rows' => 1.5], 'rows', 'whole'];
    }

    /** @param array<string, mixed> $changes */
    private static function solve(array $changes): Solution
    {
        return MomentSolver::solve(Moments::with($changes));
    }

    private static function light(GroupView $group): GroupLight
    {
        return $group->light ?? self::fail('the flash is off');
    }

    private static function view(Solution $solution): GroupView
    {
        return GroupView::of($solution) ?? self::fail('no group');
    }
}
