<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Situation;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Situation\OutsideRoom;
use Kaddle\Core\Situation\Scene;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SceneTest extends TestCase
{
    public function testPlacesEverybodyOnOneLineDownTheRoom(): void
    {
        $scene = self::scene(4.0, 1.6, 3.0, 1.25);
        self::assertEquals(Vector::of(4.0, 3.0, 1.6), $scene->camera);
        self::assertEquals(Vector::of(4.0, 3.0, 1.6 + Scene::HEAD_OVER_LENS), $scene->head);
        self::assertEquals(Vector::of(7.0, 3.0, 1.25), $scene->face);
        self::assertEquals(Vector::of(12.0, 3.0, 1.25), $scene->backdropProbe()->point);
    }

    public function testTheFaceLooksAtTheCameraAndTheBackdropToo(): void
    {
        $scene = self::scene(4.0, 1.6, 3.0, 1.25);
        $back = Vector::of(-1.0, 0.0, 0.0);
        self::assertEquals($back, $scene->faceProbe()->normal->unit);
        self::assertEquals($back, $scene->backdropProbe()->normal->unit);
        self::assertSame(1.0, $scene->crownProbe()->normal->unit->z);
        self::assertSame(1.0, $scene->leftProbe()->normal->unit->y);
        self::assertSame(-1.0, $scene->rightProbe()->normal->unit->y);
    }

    #[DataProvider('misfits')]
    public function testNobodyStandsInAWall(float $fromBack, float $cameraHeight, float $distance, float $faceHeight, string $field): void
    {
        try {
            self::scene($fromBack, $cameraHeight, $distance, $faceHeight);
            self::fail('placed');
        } catch (OutsideRoom $e) {
            self::assertSame($field, $e->field);
            self::assertMatchesRegularExpression('/\d|move the camera/', $e->getMessage());
        }
    }

    /** @return iterable<string, array{float, float, float, float, string}> in a room of 12 x 6 x 3 m */
    public static function misfits(): iterable
    {
        yield 'camera past the far wall' => [12.5, 1.6, 3.0, 1.2, 'camera.fromBackWall'];
        yield 'head in the ceiling' => [4.0, 2.8, 3.0, 1.2, 'room.height'];
        yield 'face in the ceiling' => [4.0, 1.6, 3.0, 3.2, 'subject.height'];
        yield 'subject in the far wall' => [4.0, 1.6, 8.0, 1.2, 'subject.distance'];
        yield 'no place for a subject' => [11.8, 1.6, 0.5, 1.2, 'subject.distance'];
    }

    #[DataProvider('outOfRange')]
    public function testRefusesNumbersOutsideTheirRange(float $fromBack, float $cameraHeight, float $distance, float $faceHeight, string $words): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage($words);
        self::scene($fromBack, $cameraHeight, $distance, $faceHeight);
    }

    /** @return iterable<string, array{float, float, float, float, string}> */
    public static function outOfRange(): iterable
    {
        yield 'camera in the back wall' => [0.0, 1.6, 3.0, 1.2, 'distance from the wall behind you must be 0.1 to 199 m'];
        yield 'camera in the floor' => [4.0, 0.0, 3.0, 1.2, 'camera height must be 0.2 to 10 m'];
        yield 'nose on the lens' => [4.0, 1.6, 0.1, 1.2, 'subject distance must be 0.4 to 100 m'];
        yield 'no number' => [4.0, 1.6, NAN, 1.2, 'it is not a number'];
        yield 'face in the floor' => [4.0, 1.6, 3.0, 0.0, 'height of the face must be 0.2 to 10 m'];
    }

    public function testTriesOtherDistancesAndRoomsWithoutComplaint(): void
    {
        $scene = self::scene(4.0, 1.6, 3.0, 1.25);
        self::assertSame(5.0, $scene->tryAt(5.0)?->distance);
        self::assertNull($scene->tryAt(9.0));
        self::assertNull($scene->tryAt(0.1));
        self::assertNull($scene->tryIn(self::room(6.5, 3.0)));
        self::assertSame(5.0, $scene->tryIn(self::room(12.0, 5.0))?->room->height);
    }

    private static function scene(float $fromBack, float $cameraHeight, float $distance, float $faceHeight): Scene
    {
        return Scene::ofMetres(self::room(12.0, 3.0), $fromBack, $cameraHeight, $distance, $faceHeight);
    }

    private static function room(float $length, float $height): BoxRoom
    {
        return BoxRoom::fromMetres($length, 6.0, $height, static fn(Face $f): Reflectance => Finish::WhitePlaster->reflectance());
    }
}
