<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Picture;

use Kaddle\Core\Document\PictureDocument;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Picture\Figure;
use Kaddle\Core\Picture\Grain;
use Kaddle\Core\Picture\NamedSpot;
use Kaddle\Core\Picture\PictureView;
use Kaddle\Core\Picture\SpotFinder;
use Kaddle\Core\Picture\ToneCurve;
use Kaddle\Core\Picture\View;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\PictureWords;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PictureTest extends TestCase
{
    /** 50 mm at f/2, focused at 3 m, a lamp at 9 m: 0.05²·6/(9·2.95)/2 m = 0.2825 mm, 0.785 % of 36 mm. */
    public function testALampOutOfFocusIsADiscOfItsOwnSize(): void
    {
        $view = PictureView::of(self::solve(['lens.focalLength' => 50, 'subject.distance' => 3]), View::usual());
        self::assertEqualsWithDelta(0.00785, $view->blur(9.0) / 2.0, 0.00001);
        self::assertEqualsWithDelta(0.0, $view->blur(3.0), 1e-9);
    }

    /**
     * What the picture says of face and wall is what the solver says of them.
     *
     * @param array<string, mixed> $changes
     */
    #[DataProvider('moments')]
    public function testItsSpotsAreTheLevelsOfTheSolver(array $changes): void
    {
        $solution = self::solve($changes);
        $levels = $solution->levels;
        $flash = is_finite($levels->faceFlash->value) ? $levels->faceFlash->ratio() : 0.0;
        $seen = [];
        foreach (SpotFinder::all(PictureView::of($solution, View::ofDegrees(8.0, 0.0, false))) as $spot) {
            $seen[$spot->name] = log($spot->room * $levels->room->ratio() + $spot->flash * $flash, 2);
        }
        self::assertEqualsWithDelta(log(Figure::FACE, 2) + $levels->face->value, $seen['Face'], 0.01);
        $wall = $solution->moment->scene->room->reflectance(Face::Far)->share->luminance() / 0.18;
        self::assertEqualsWithDelta(log($wall, 2) + $levels->backdrop->value, $seen['Wall behind'], 0.05);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function moments(): iterable
    {
        yield 'supper' => [[]];
        yield 'straight' => [['head' => 'direct', 'look.roomUnder' => 3]];
        yield 'by the left wall, in a bright room' => [['head' => 'left', 'room.finishes' => Moments::everywhere('white-plaster')]];
        yield 'a lit stage behind' => [['onFace.over' => -4, 'glow.ev' => 6, 'look.roomUnder' => 0]];
        yield 'without flash' => [['look.withoutFlash' => true]];
        yield 'through a gel' => [['flash.gel' => ['kind' => 'full-orange'], 'roomKelvin' => 2700]];
        yield 'under a roof' => [['room.roof' => ['ridge' => 6.5, 'runs' => 'along'], 'head' => 'up']];
    }

    public function testAFlashThatIsOffGivesNothing(): void
    {
        $document = self::document(['look.withoutFlash' => true]);
        self::assertSame([], array_merge(...array_column($document->surfaces, 'flash')));
        self::assertSame([[0.0, 0.0, 0.0]], array_values(array_unique(array_column($document->figures, 'front'), SORT_REGULAR)));
        self::assertSame([0.0], array_values(array_unique(array_column($document->spots, 'flash'))));
    }

    /** The farther row is drawn first, so that the nearer covers it, and gets less of a straight flash. */
    public function testAGroupStandsInItsRows(): void
    {
        $view = PictureView::of(self::solve(['people' => ['count' => 7, 'rows' => 2, 'rowGap' => 1.5], 'head' => 'direct']), View::usual());
        $group = array_values(array_filter($view->figures, static fn(Figure $f): bool => $f->isOfGroup));
        self::assertCount(7, $group);
        $first = array_values(array_filter($group, static fn(Figure $f): bool => $f->isSubject))[0] ?? self::fail('no first face');
        $last = $group[0];
        self::assertEqualsWithDelta(1.5, $last->at->x - $first->at->x, 1e-9);
        self::assertLessThan($first->front->luminance(), $last->front->luminance());
        self::assertEqualsWithDelta(1.0, $view->overFace($first->front)->luminance(), 0.01);
        $across = array_map(static fn(Figure $f): float => round($f->at->y - $view->solution->moment->scene->face->y, 3), $group);
        self::assertContains(0.0, $across);
        self::assertCount(7, array_unique($across), 'those behind stand in the gaps');
        self::assertStringContainsString('; everybody of the group', self::words($view));
        self::assertStringContainsString('; 24 of 40 people are drawn', self::words(PictureView::of(self::solve(['people' => ['count' => 40, 'rows' => 2], 'room.width' => 12, 'room.length' => 20, 'subject.distance' => 12]), View::usual())));
        self::assertStringEndsWith('Focused at 3 m.', self::words(PictureView::of(self::solve([]), View::usual())));
        $near = PictureView::of(self::solve(['people' => ['count' => 9, 'rows' => 1], 'subject.distance' => 2, 'lens.focalLength' => 50]), View::usual());
        self::assertStringContainsString('; not everybody', self::words($near));
    }

    /** A straight head of 7 cm 20 cm over the lens: all that lies behind by way of the room has no shadow. */
    public function testOnlyStraightLightThrowsAShadowOnTheWall(): void
    {
        $straight = PictureView::of(self::solve(['head' => 'direct']), View::usual())->shadow ?? self::fail('no shadow');
        self::assertGreaterThan(0.5, $straight->share);
        self::assertLessThan(1.0, $straight->share);
        self::assertEqualsWithDelta(Moments::with([])->scene->head->z, $straight->from->z, 1e-9);
        $domed = PictureView::of(self::solve(['head' => 'direct', 'flash.modifier' => ['kind' => 'soft-box']]), View::usual())->shadow ?? self::fail('no shadow');
        self::assertGreaterThan($straight->size, $domed->size);
        self::assertNull(PictureView::of(self::solve(['head' => 'up']), View::usual())->shadow);
        self::assertNull(PictureView::of(self::solve(['look.withoutFlash' => true]), View::usual())->shadow);
    }

    /** Curtains that need 1/200 s for the frame leave half of it at 1/400. */
    public function testOverSyncABarStaysDark(): void
    {
        $bars = array_column(self::document([])->bars, 'share', 'shutter');
        self::assertSame(0.5, $bars['1/400']);
        self::assertEqualsWithDelta(0.2, $bars['1/250'], 0.01);
        self::assertArrayNotHasKey('1/200', $bars);
        self::assertSame([], self::document(['look.withoutFlash' => true])->bars);
        self::assertSame([], self::document(['look.highSpeed' => true, 'flash.highSpeed' => true])->bars);
    }

    /** At ISO 100 and 6 µm 5400 pieces of light at mid-grey; four times the ISO is twice the noise, and so are pixels of half the side seen alone. */
    public function testNoiseGrowsWithTheRootOfTheIso(): void
    {
        $moment = Moments::with(['body.pixels' => 6000, 'body.crop' => 1]);
        $at = static fn(string $iso): Grain => Grain::of($moment, Iso::fromLabel($iso, Step::Third));
        self::assertEqualsWithDelta(1.0 / sqrt(5400.0) / (6000 / 1920), $at('100')->at(1.0), 1e-4);
        self::assertEqualsWithDelta(2.0, sqrt($at('1600')->shot / $at('400')->shot), 1e-9);
        self::assertEqualsWithDelta(16.0, $at('6400')->at(0.0) / $at('400')->at(0.0), 1e-9, 'in the dark by the ISO itself');
        $small = Grain::of(Moments::with(['body.pixels' => 1920, 'body.crop' => 1]), Iso::fromLabel('100', Step::Third));
        self::assertEqualsWithDelta($at('100')->shot, $small->shot, 1e-6, 'a picture as it is looked at counts all the light of its sensor');
    }

    /** Corners and edges look at what lies there; nobody stands before a place that is told. */
    public function testPlacesThatHaveANameAreManyAndInSight(): void
    {
        $spots = SpotFinder::all(PictureView::of(self::solve(['people' => ['count' => 8, 'rows' => 2, 'rowGap' => 1], 'subject.distance' => 4.0]), View::usual()));
        $names = array_map(static fn(NamedSpot $s): string => $s->name, $spots);
        self::assertGreaterThanOrEqual(12, count($names), implode(', ', $names));
        foreach (['Face', 'Face at the left end', 'Face in the last row', 'Clothes', 'Wall behind', 'Upper left: left wall'] as $name) {
            self::assertContains($name, $names);
        }
    }

    /** A window at night is darker than the wall beside it, by day it is white; lamps shine as they are told. */
    public function testWindowsAndLampsShineByTheirOwnLevel(): void
    {
        $window = static fn(float $outdoors): float => self::document(['people.behind' => 'window', 'outdoors' => $outdoors])->shiners[0]->light;
        self::assertGreaterThan(16.0, $window(12.0));
        self::assertLessThan(0.1, $window(-3.0));
        $document = self::document(['drag' => ['lamps' => [['across' => 1, 'up' => 0.5, 'away' => 6, 'ev' => 9, 'size' => 60]]], 'glow.ev' => 4]);
        self::assertSame('Lamp', $document->shiners[0]->name);
        self::assertEqualsWithDelta(32.0, $document->shiners[0]->light, 0.01);
    }

    /** White balance turns the colours and leaves the levels. */
    public function testTheBalanceKeepsTheLuminance(): void
    {
        $document = self::document(['roomKelvin' => 2700, 'look.balance' => 5500]);
        [$red, $green, $blue] = $document->roomTint;
        self::assertGreaterThan(2.0 * $blue, $red);
        self::assertEqualsWithDelta(1.0, 0.2126 * $red + 0.7152 * $green + 0.0722 * $blue, 0.001);
        self::assertEqualsWithDelta([1.0, 1.0, 1.0], $document->flashTint, 0.001);
    }

    public function testOpenSkyShowsWhereNothingIsOverhead(): void
    {
        $yard = ['room.finishes' => Moments::everywhere('open'), 'outdoors' => 12, 'glow.ev' => 12];
        self::assertGreaterThan(1.0, self::document($yard)->surfaces[0]->shine);
        self::assertSame(0.0, self::document([])->surfaces[0]->shine);
    }

    /** By sRGB mid-grey of 18 % is code 118. */
    public function testTheToneCurveKeepsMidGreyAndNeverTurnsBack(): void
    {
        self::assertEqualsWithDelta(118.0, ToneCurve::code(1.0), 0.5);
        $table = ToneCurve::table();
        $sorted = $table;
        sort($sorted);
        self::assertSame($sorted, $table);
        self::assertEqualsWithDelta(255.0, $table[count($table) - 1], 0.01);
    }

    private static function words(PictureView $picture): string
    {
        return implode(' ', PictureWords::of($picture, SpotFinder::all($picture), Voice::plain()));
    }

    /** @param array<string, mixed> $changes */
    private static function document(array $changes): PictureDocument
    {
        return PictureDocument::of(self::solve($changes), View::usual(), Voice::plain());
    }

    /** @param array<string, mixed> $changes */
    private static function solve(array $changes): Solution
    {
        return MomentSolver::solve(Moments::with($changes));
    }
}
