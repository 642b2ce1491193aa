<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Document;

use Kaddle\Core\Document\ControlDocument;
use Kaddle\Core\Document\PointDocument;
use Kaddle\Core\Document\PoolDocument;
use Kaddle\Core\Document\RayDocument;
use Kaddle\Core\Document\RayKind;
use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Document\TickDocument;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What leaves the engine: clicks to show, a drawing to scale, numbers that JSON can carry. */
final class DocumentTest extends TestCase
{
    public function testEachControlShowsItsOwnClickAmongItsNeighbours(): void
    {
        $document = self::document([]);
        foreach ([$document->shutter, $document->aperture, $document->iso, $document->output] as $control) {
            $chosen = array_values(array_filter($control->ticks, static fn(TickDocument $t): bool => $t->thirtieths === $control->thirtieths));
            self::assertCount(1, $chosen);
            self::assertSame($control->label, $chosen[0]->label);
            self::assertLessThanOrEqual(13, count($control->ticks));
        }
    }

    /** Shutter and output share both lights between them; aperture and ISO move all of it. */
    public function testRolesComeFromTheLightThatArrives(): void
    {
        foreach ([[], ['glow.ev' => 1], ['look.roomUnder' => 0], ['room.height' => 7]] as $changes) {
            $document = self::document($changes);
            self::assertEqualsWithDelta(1.0, $document->shutter->movesRoom + $document->output->movesRoom, 0.002);
            self::assertEqualsWithDelta(1.0, $document->shutter->movesPerson + $document->output->movesPerson, 0.002);
            self::assertSame([1.0, 1.0, 1.0, 1.0], [$document->aperture->movesRoom, $document->aperture->movesPerson, $document->iso->movesRoom, $document->iso->movesPerson]);
        }
    }

    /** 35 mm, f/4, 3 m: f² = 0.001225, N·c·(s − f) = 4·0.00003·2.965 = 0.0003558; near = 3·0.001225/0.0015808, far = 3·0.001225/0.0008692. */
    public function testSharpnessIsThatOfTheThinLens(): void
    {
        $document = self::document([]);
        self::assertSame('f/4', $document->aperture->label);
        self::assertEqualsWithDelta([2.32, 4.23], [$document->sharpFrom, $document->sharpTo], 0.01);
        self::assertNull(self::document(['look.locks' => ['aperture' => 'f/16'], 'subject.distance' => 6])->sharpTo, 'beyond the hyperfocal distance');
    }

    /** A hundredth of a stop of shutter, reckoned by hand at supper. */
    public function testAStopOfShutterMovesThePictureAsItsRoleSays(): void
    {
        $levels = MomentSolver::solve(Moments::with([]))->levels;
        $room = $levels->room->ratio();
        $flash = $levels->faceFlash->ratio();
        $moved = log((2.0 ** 0.01 * $room + $flash) / ($room + $flash), 2);
        self::assertEqualsWithDelta($moved / 0.01, self::document([])->shutter->movesPerson, 0.01);
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('troubles')]
    public function testClicksSayWhatGoesWrongThere(array $changes, string $control, string $label, ?string $trouble): void
    {
        $document = self::document($changes);
        $ticks = [];
        foreach (self::control($document, $control)->ticks as $tick) {
            $ticks[$tick->label] = $tick->trouble;
        }
        self::assertArrayHasKey($label, $ticks);
        self::assertSame($trouble, $ticks[$label]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string, string|null}> */
    public static function troubles(): iterable
    {
        yield 'slower than hands' => [[], 'shutter', '1/30', 'shake'];
        yield 'the slowest they hold' => [[], 'shutter', '1/40', null];
        yield 'past sync' => [['lens.focalLength' => 200], 'shutter', '1/250', 'dark bar'];
        yield 'sync itself' => [['lens.focalLength' => 200], 'shutter', '1/200', null];
        yield 'past what its owner delivers' => [['glow.ev' => 0], 'iso', '8000', 'too noisy'];
        yield 'over a quarter' => [['flash.guideNumber' => 9, 'head' => 'up'], 'output', '1/4 +⅓', 'slow recycle'];
        yield 'a quarter' => [['flash.guideNumber' => 9, 'head' => 'up'], 'output', '1/4', null];
    }

    public function testTheDrawingIsTheSceneThatTheEngineUsed(): void
    {
        $section = self::document(['head' => 'up'])->section;
        self::assertSame([18.0, 6.4, 3.1], [$section->length, $section->width, $section->height]);
        self::assertSame([5.0, 3.2, 1.6], [$section->camera->x, $section->camera->y, $section->camera->z]);
        self::assertSame([8.0, 3.2, 1.25], [$section->face->x, $section->face->y, $section->face->z]);
        self::assertEqualsWithDelta(0.2, $section->head->z - $section->camera->z, 1e-9);
        self::assertSame(18.0, $section->backdrop->x);
        self::assertFalse($section->openAbove);
    }

    /** 2.5 m of people stand in rows of at most 0.8 m: four behind the first, the last where the group ends. */
    public function testAGroupStandsInRows(): void
    {
        $section = self::document(['people.depth' => 2.5, 'people.behind' => 'band'])->section;
        self::assertSame([8.625, 9.25, 9.875, 10.5], array_map(static fn(PointDocument $row): float => $row->x, $section->rows));
        self::assertSame(14.5, $section->behind->x, 'a band at 4 m behind them');
        self::assertSame([], self::document([])->section->rows);
        self::assertSame(18.0, self::document(['people.depth' => 9, 'people.behind' => 'band'])->section->behind->x, 'the wall ends it');
    }

    /** The clicks to another way, with the same settings, are what its output lies over the one in use. */
    public function testAnotherWayTellsItsClicks(): void
    {
        $document = self::document(['head' => 'up']);
        $moment = Moments::with(['head' => 'up']);
        $outputs = array_map(static fn(Output $output): string => $output->label(), $moment->flash->scale());
        $at = static fn(string $label): int => (int) array_search($label, $outputs, true);
        $told = 0;
        foreach ($document->aims as $aim) {
            if ($aim->clicks !== null) {
                self::assertSame($at($aim->output) - $at($document->output->label), $aim->clicks, $aim->label);
                ++$told;
            }
        }
        self::assertGreaterThan(2, $told);
    }

    public function testTheBeamGoesFromTheHeadByTheCeilingToTheFace(): void
    {
        $section = self::document(['head' => 'up'])->section;
        $rays = [];
        foreach ($section->rays as $ray) {
            $rays[$ray->kind->value][] = $ray;
        }
        self::assertCount(13, $rays[RayKind::Fan->value] ?? []);
        $axis = ($rays[RayKind::Axis->value] ?? [])[0] ?? null;
        $return = ($rays[RayKind::Return->value] ?? [])[0] ?? null;
        self::assertInstanceOf(RayDocument::class, $axis);
        self::assertInstanceOf(RayDocument::class, $return);
        self::assertEquals($section->head, $axis->points[0]);
        self::assertSame(3.1, $axis->points[1]->z);
        self::assertEquals($axis->points[1], $return->points[0]);
        self::assertEquals($section->face, $return->points[1]);
    }

    public function testThePoolIsBrightestOverTheHead(): void
    {
        $pools = array_filter(self::document(['head' => 'up'])->section->pools, static fn(PoolDocument $p): bool => $p->face === Face::Ceiling);
        usort($pools, static fn(PoolDocument $a, PoolDocument $b): int => $b->strength <=> $a->strength);
        self::assertLessThanOrEqual(5.0, $pools[0]->from->x);
        self::assertGreaterThanOrEqual(5.0, $pools[0]->to->x + 0.6);
        self::assertLessThanOrEqual(1.0, $pools[0]->strength);
    }

    public function testOpenSkyHasNeitherCeilingNorPoolNorReturn(): void
    {
        $section = self::document(['head' => 'up', 'room.finishes' => Moments::everywhere('open')])->section;
        self::assertTrue($section->openAbove);
        self::assertSame([], $section->pools);
        self::assertNotContains(RayKind::Return, array_map(static fn(RayDocument $r): RayKind => $r->kind, $section->rays));
    }

    public function testTheSharesOfTheLightAddUp(): void
    {
        foreach (['up', 'left', 'direct'] as $head) {
            $split = self::document(['head' => $head])->split;
            self::assertEqualsWithDelta(1.0, $split->direct + $split->ceiling + $split->walls + $split->floor + $split->rest, 0.001);
        }
        self::assertGreaterThan(0.5, self::document(['head' => 'direct'])->split->direct);
        self::assertGreaterThan(0.5, self::document(['head' => 'up'])->split->ceiling);
    }

    /** JSON has no word for endless: no light becomes null, and the text is still valid. */
    public function testEndlessNumbersBecomeNull(): void
    {
        $document = self::document(['head' => 'up-back', 'room.finishes' => Moments::everywhere('open')]);
        self::assertFalse($document->feasible);
        self::assertNull($document->levels->faceFlash);
        self::assertNull($document->head->wantedOutput);
        self::assertNull($document->head->lacking);
        self::assertJson(json_encode($document, JSON_THROW_ON_ERROR));
    }

    /** @param array<string, mixed> $changes */
    private static function document(array $changes): SolutionDocument
    {
        return SolutionDocument::of(MomentSolver::solve(Moments::with($changes)), Voice::plain());
    }

    private static function control(SolutionDocument $document, string $name): ControlDocument
    {
        return match ($name) {
            'shutter' => $document->shutter,
            'aperture' => $document->aperture,
            'iso' => $document->iso,
            default => $document->output,
        };
    }
}
