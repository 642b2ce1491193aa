<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Picture;

use Kaddle\Core\Document\PictureDocument;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Form\ViewForm;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Picture\Camera;
use Kaddle\Core\Picture\Figure;
use Kaddle\Core\Picture\Grain;
use Kaddle\Core\Picture\NamedSpot;
use Kaddle\Core\Picture\PictureView;
use Kaddle\Core\Picture\SpotFinder;
use Kaddle\Core\Picture\Surface;
use Kaddle\Core\Picture\ToneCurve;
use Kaddle\Core\Picture\View;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\PictureWords;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PictureTest extends TestCase
{
    /** Level, a person of 1.7 m at 4 m through 35 mm is 35·1.7/4 = 14.875 mm of a frame of 36 mm. */
    public function testAPersonIsAsTallAsTheLensMakesThem(): void
    {
        $moment = Moments::with(['lens.focalLength' => 35, 'subject' => ['distance' => 4, 'height' => 1.5], 'camera.height' => 1.5]);
        $level = rad2deg(atan(36.0 / 2.0 / 35.0 / 1.5 / 3.0));
        $camera = Camera::of($moment, View::ofDegrees($level, 0.0, false));
        self::assertEqualsWithDelta(0.0, $camera->forward->z, 1e-9);
        $face = $moment->scene->face;
        $at = static fn(float $up): float => $camera->project($face->plus(Vector::of(0.0, 0.0, $up)))->y ?? NAN;
        self::assertEqualsWithDelta(14.875 / 36.0, $at(0.2) - $at(-1.5), 1e-6);
        self::assertNull($camera->project(Vector::of(0.0, 1.0, 1.0)), 'behind the camera');
    }

    public function testTheFaceStandsOnTheUpperThirdUntilTheCameraIsTilted(): void
    {
        foreach ([[false, 1.0 / 9.0], [true, 0.25]] as [$isUpright, $up]) {
            $camera = Camera::of(Moments::with([]), View::ofDegrees(0.0, 0.0, $isUpright));
            $face = $camera->project(Moments::with([])->scene->face) ?? self::fail('not seen');
            self::assertEqualsWithDelta([0.0, $up], [$face->x, $face->y], 1e-9);
        }
        $turned = Camera::of(Moments::with([]), View::ofDegrees(5.0, 10.0, false))->project(Moments::with([])->scene->face) ?? self::fail('not seen');
        self::assertLessThan(0.0, $turned->x, 'turned to the right, people move to the left');
        self::assertLessThan(1.0 / 9.0, $turned->y);
    }

    /** A face high over a lens close by: however it is tilted, what is up stays up. */
    public function testTheCameraNeverTurnsOverItself(): void
    {
        $steep = Moments::with(['room.height' => 12, 'camera.height' => 0.3, 'subject' => ['distance' => 0.4, 'height' => 9]]);
        $camera = Camera::of($steep, View::ofDegrees(30.0, 0.0, false));
        self::assertGreaterThan(0.0, $camera->up->z);
        self::assertEqualsWithDelta(-1.0, $camera->right->y, 1e-9);
    }

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

    /** Solved forwards, light is what it is solved backwards, but for what 220 rays miss of 600. */
    #[DataProvider('ways')]
    public function testLightAllOverTheRoomIsThatAtItsPlaces(HeadAim $aim): void
    {
        $moment = Moments::with([]);
        $scene = $moment->scene;
        $flash = FlashInRoom::of($scene->room);
        $probes = ['face' => $scene->faceProbe(), 'crown' => $scene->crownProbe(), 'left' => $scene->leftProbe(), 'backdrop' => $scene->backdropProbe()];
        $head = $moment->head($scene, $aim);
        $lit = $flash->lit($head);
        foreach ($flash->at($probes)->exposures($head) as $name => $exposure) {
            $told = $lit->at($probes[$name]);
            self::assertEqualsWithDelta(0.0, log($told->luminance() / $exposure->total()->luminance(), 2), $name === 'backdrop' ? 0.05 : 0.02, $name);
            self::assertEqualsWithDelta($exposure->direct->luminance(), $lit->straight($probes[$name])->luminance(), 1e-6 * $told->luminance());
        }
    }

    /** @return iterable<string, array{HeadAim}> */
    public static function ways(): iterable
    {
        foreach ([HeadAim::Direct, HeadAim::Up, HeadAim::Left, HeadAim::UpBack] as $aim) {
            yield $aim->value => [$aim];
        }
    }

    /** Two slopes stand for the ceiling, and meet at the ridge. */
    public function testAPitchedRoofIsTwoSlopes(): void
    {
        foreach (['along', 'across'] as $runs) {
            $room = Moments::with(['room.roof' => ['ridge' => 6.5, 'runs' => $runs]])->scene->room;
            $slopes = array_values(array_filter(Surface::all($room), static fn(Surface $s): bool => $s->face === Face::Ceiling));
            self::assertCount(2, $slopes);
            foreach ($slopes as $slope) {
                foreach ([[0.3, 0.2], [0.8, 0.9]] as [$u, $v]) {
                    $place = $slope->placeAt($u, $v);
                    self::assertEqualsWithDelta($room->ceilingOver($place->x, $place->y), $place->z, 1e-9, $runs);
                }
                self::assertEqualsWithDelta(6.5, $slope->placeAt(0.5, 1.0)->z, 1e-9);
            }
        }
    }

    /** Photons in a marquee of 18 x 9 m, eaves 2.6 and ridge 5 m, grey of 0.6 over a floor of 0.25 (core/bench/picture.php): within 0.1 stop all over a slope. */
    public function testLightOnASlopeRunsOnOverTheBoxThatStandsForTheRoom(): void
    {
        $moment = Moments::with(['room' => ['length' => 18, 'width' => 9, 'height' => 2.6, 'roof' => ['ridge' => 5, 'runs' => 'along'], 'finishes' => Moments::everywhere('sailcloth')]]);
        $room = $moment->scene->room;
        $lit = FlashInRoom::of($room)->lit($moment->head($moment->scene, HeadAim::Up));
        [$slope] = Surface::all($room);
        $above = $lit->reflected(self::on($slope, $room, 0.52))->luminance() / $lit->reflected(self::on($slope, $room, 0.48))->luminance();
        self::assertEqualsWithDelta(0.0, log($above, 2), 0.05, 'both sides of the mean height');
    }

    private static function on(Surface $slope, BoxRoom $room, float $v): Probe
    {
        $place = $slope->placeAt(0.5, $v);

        return Probe::at(Vector::of($place->x, $place->y, $room->ceilingOver($place->x, $place->y)), $slope->normal);
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
        [$last, $first] = [$group[0], $group[3]];
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

    /** @param array<string, mixed> $view */
    #[DataProvider('faults')]
    public function testACameraThatCannotBeHeldSoIsRefusedByField(array $view, string $field, string $range): void
    {
        try {
            ViewForm::view($view);
            self::fail('taken');
        } catch (FaultyDocument $e) {
            self::assertSame($field, $e->faults[0]->field);
            self::assertStringContainsString($range, $e->faults[0]->sentence->plain());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function faults(): iterable
    {
        yield 'tilted to the ceiling' => [['tilt' => 31], 'view.tilt', '−30 to 30'];
        yield 'turned about' => [['turn' => -46], 'view.turn', '−45 to 45'];
        yield 'half upright' => [['upright' => 'half'], 'view.upright', 'true or false'];
        yield 'another field' => [['zoom' => 2], 'view.zoom', 'not a field'];
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
