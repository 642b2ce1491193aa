<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Picture;

use Kaddle\Core\Picture\Camera;
use Kaddle\Core\Picture\Surface;
use Kaddle\Core\Picture\View;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Tests\Moments;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a camera sees of a room. */
final class SurfaceTest extends TestCase
{
    /** Rays of a picture to each side of its middle. */
    private const RAYS = 30;

    /**
     * Where a ray goes does not hang on what was left out, and what was kept is not larger than the rays need.
     *
     * @param array<string, mixed> $changes
     */
    #[DataProvider('cameras')]
    public function testWhatIsSeenIsAllThatRaysMeetAndNoMore(array $changes, View $view): void
    {
        $moment = Moments::with($changes);
        $camera = Camera::of($moment, $view);
        $seen = Surface::seenBy($camera, $moment->scene->room);
        $met = [];
        for ($row = -self::RAYS; $row <= self::RAYS; ++$row) {
            for ($column = -self::RAYS; $column <= self::RAYS; ++$column) {
                $way = $camera->wayTo($column / self::RAYS, $row / self::RAYS);
                [$reach, $surface] = self::nearest(Surface::all($moment->scene->room), $camera, $way);
                [$again, $part] = self::nearest($seen, $camera, $way);
                self::assertEqualsWithDelta($reach, $again, 1e-9);
                [$u, $v] = self::sharesOf($part, $camera, $way->times($again));
                self::assertTrue(min($u, $v) > -1e-6 && max($u, $v) < 1.0 + 1e-6, "{$surface->face->value} at $u, $v");
                $key = array_search($part, $seen, true);
                $box = $met[$key] ?? [$u, $u, $v, $v];
                $met[$key] = [min($box[0], $u), max($box[1], $u), min($box[2], $v), max($box[3], $v)];
            }
        }
        self::assertLessThan(count(Surface::all($moment->scene->room)), count($seen), 'the wall behind the camera at least');
        foreach ($met as $key => $box) {
            // Gables are drawn up to the ridge, beside which slopes hide them.
            if ($moment->scene->room->roof === null || $seen[$key]->face === Face::Floor) {
                // It goes on in steps of 0.6 m, and rays meet nearly all of the rest.
                foreach ([[$seen[$key]->along, $box[0], $box[1]], [$seen[$key]->across, $box[2], $box[3]]] as [$side, $least, $most]) {
                    $free = 0.6 / $side->length() + 0.2 * ($most - $least);
                    self::assertLessThan($free, $least, $seen[$key]->face->value);
                    self::assertLessThan($free, 1.0 - $most, $seen[$key]->face->value);
                }
            }
        }
    }

    public function testACameraThatTiltsALittleSeesTheSamePieces(): void
    {
        $moment = Moments::with([]);
        $pieces = static fn(float $tilt): array => Surface::seenBy(Camera::of($moment, View::ofDegrees($tilt, 0.0, false)), $moment->scene->room);
        self::assertEquals($pieces(0.0), $pieces(0.3));
        self::assertNotEquals($pieces(0.0), $pieces(9.0));
    }

    /** @return iterable<string, array{array<string, mixed>, View}> */
    public static function cameras(): iterable
    {
        yield 'as usual' => [[], View::usual()];
        yield 'tilted and turned' => [[], View::ofDegrees(25.0, -40.0, false)];
        yield 'upright, a long lens' => [['lens.focalLength' => 85], View::ofDegrees(-10.0, 15.0, true)];
        yield 'a wide lens under a ridge' => [['lens.focalLength' => 24, 'room.roof' => ['ridge' => 6.5, 'runs' => 'along']], View::ofDegrees(10.0, 0.0, false)];
    }

    /**
     * @param list<Surface> $surfaces
     *
     * @return array{float, Surface}
     */
    private static function nearest(array $surfaces, Camera $camera, Vector $way): array
    {
        [$reach, $nearest] = [INF, null];
        foreach ($surfaces as $surface) {
            $its = $surface->reach($camera->at, $way);
            if ($its !== null && $its < $reach) {
                [$reach, $nearest] = [$its, $surface];
            }
        }

        return [$reach, $nearest ?? throw new \LogicException('a ray that leaves the room')];
    }

    /** @return array{float, float} */
    private static function sharesOf(Surface $surface, Camera $camera, Vector $way): array
    {
        $from = $camera->at->plus($way)->minus($surface->corner);

        return [$from->dot($surface->along) / $surface->along->dot($surface->along), $from->dot($surface->across) / $surface->across->dot($surface->across)];
    }
}
