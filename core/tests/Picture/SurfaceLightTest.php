<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Picture;

use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\LitSurfaces;
use Kaddle\Core\Flash\TracedLobe;
use Kaddle\Core\Picture\Camera;
use Kaddle\Core\Picture\KnownSurfaces;
use Kaddle\Core\Picture\PictureView;
use Kaddle\Core\Picture\Surface;
use Kaddle\Core\Picture\SurfaceLight;
use Kaddle\Core\Picture\View;
use Kaddle\Core\Radiosity\Interreflection;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Tests\Moments;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The light of the flash all over a room. */
final class SurfaceLightTest extends TestCase
{
    /** Solved forwards by the same rays, light is what it is solved backwards. */
    #[DataProvider('ways')]
    public function testLightAllOverTheRoomIsThatAtItsPlaces(HeadAim $aim): void
    {
        $moment = Moments::with([]);
        $scene = $moment->scene;
        $flash = FlashInRoom::of($scene->room);
        $probes = ['face' => $scene->faceProbe(), 'crown' => $scene->crownProbe(), 'left' => $scene->leftProbe(), 'backdrop' => $scene->backdropProbe()];
        $head = $moment->head($scene, $aim);
        $lit = LitSurfaces::by($scene->room, Interreflection::in($scene->room), TracedLobe::RAYS, $head);
        foreach ($flash->at($probes)->exposures($head) as $name => $exposure) {
            $told = $lit->at($probes[$name]);
            self::assertEqualsWithDelta(0.0, log($told->luminance() / $exposure->total()->luminance(), 2), $name === 'backdrop' ? 0.05 : 0.01, $name);
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

    /**
     * Between the places that the page gets, straight lines: a tenth of a stop at 95 of 100 places.
     *
     * @param array<string, mixed> $changes
     */
    #[DataProvider('rooms')]
    public function testStraightLinesBetweenItsPlacesAreTheLightThere(array $changes): void
    {
        $moment = Moments::with($changes);
        $room = $moment->scene->room;
        $solution = MomentSolver::solve($moment);
        $lit = FlashInRoom::of($room)->lit($moment->head($moment->scene, $solution->best->light->aim));
        $chance = new Randomizer(new Mt19937(11));
        $errors = [];
        foreach (Surface::seenBy(Camera::of($moment, View::usual()), $room) as $surface) {
            $light = SurfaceLight::on($surface, $room, $lit);
            self::assertCount($light->columns * $light->rows, $light->flash);
            for ($i = 0; $i < 12; ++$i) {
                [$u, $v] = [$chance->getInt(60, 940) / 1000.0, $chance->getInt(60, 940) / 1000.0];
                $place = $surface->placeAt($u, $v);
                if ($place->z < $room->ceilingOver($place->x, $place->y) + 1e-6) {
                    $errors[] = abs(log(self::between($light, $u, $v) / $lit->at(Probe::at($place, $surface->normal))->g, 2));
                }
            }
        }
        sort($errors);
        self::assertGreaterThan(30, count($errors));
        self::assertLessThan(0.1, $errors[(int) (0.95 * count($errors))]);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function rooms(): iterable
    {
        yield 'the supper' => [[]];
        yield 'straight' => [['head' => 'direct']];
        yield 'a wide lens under a roof' => [['room.roof' => ['ridge' => 6.5, 'runs' => 'across'], 'lens.focalLength' => 24, 'head' => 'up']];
    }

    public function testWhatSendsNothingBackHasNoLightAndWhatIsOffGivesNone(): void
    {
        $moment = Moments::with(['room.finishes.left' => 'open']);
        $room = $moment->scene->room;
        $lit = FlashInRoom::of($room)->lit($moment->head($moment->scene, HeadAim::Up));
        foreach (Surface::all($room) as $surface) {
            $isOpen = $surface->face === Face::Left;
            self::assertSame($isOpen, SurfaceLight::on($surface, $room, $lit)->flash === [], $surface->face->value);
            self::assertSame([], SurfaceLight::on($surface, $room, null)->flash);
            self::assertGreaterThan(1, SurfaceLight::on($surface, $room, null)->columns);
        }
    }

    /** Light by way of the room is worked out once for each head and piece of a surface, and is what it would be without. */
    public function testWhatIsKnownIsNotWorkedOutAgain(): void
    {
        $known = new class implements KnownSurfaces {
            public int $worked = 0;

            /** @var array<string, non-empty-list<non-empty-list<array{float, float, float}>>> */
            private array $kept = [];

            public function recall(string $question, \Closure $work): array
            {
                $this->worked += isset($this->kept[$question]) ? 0 : 1;

                return $this->kept[$question] ??= $work();
            }
        };
        $worked = [];
        foreach ([['head' => 'left'], ['head' => 'left', 'subject.distance' => 3.1], ['head' => 'right'], ['head' => 'left', 'room.finishes.left' => 'red-brick']] as $changes) {
            $solution = MomentSolver::solve(Moments::with($changes));
            [$view, $again] = [PictureView::of($solution, View::usual(), $known), PictureView::of($solution, View::usual())];
            self::assertEquals($again->light, $view->light);
            $worked[] = $known->worked;
        }
        self::assertGreaterThan(3, $worked[0]);
        self::assertSame($worked[0], $worked[1], 'somebody steps back, and walls and head stay');
        self::assertSame([2 * $worked[0], 3 * $worked[0]], [$worked[2], $worked[3]]);
    }

    private static function between(SurfaceLight $light, float $u, float $v): float
    {
        [$x, $y] = [$u * ($light->columns - 1), $v * ($light->rows - 1)];
        [$column, $row] = [(int) $x, (int) $y];
        $at = static fn(int $right, int $up): float => $light->flash[($row + $up) * $light->columns + $column + $right]->g;
        $along = static fn(int $up): float => $at(0, $up) + ($x - $column) * ($at(1, $up) - $at(0, $up));

        return $along(0) + ($y - $row) * ($along(1) - $along(0));
    }
}
