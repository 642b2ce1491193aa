<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Picture;

use Kaddle\Core\Form\ViewForm;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Picture\Camera;
use Kaddle\Core\Picture\Figure;
use Kaddle\Core\Picture\PictureView;
use Kaddle\Core\Picture\View;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Tests\Moments;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where things lie in a picture, however the camera is held. */
final class CameraTest extends TestCase
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

    /** A couple, three, four in a row: whoever stands in it, its middle is that of the picture. */
    #[DataProvider('rows')]
    public function testARowStandsInTheMiddle(int $count, int $rows): void
    {
        $moment = Moments::with(['people' => ['count' => $count, 'rows' => $rows, 'depth' => $rows > 1 ? 1.5 : 0], 'subject.distance' => 4]);
        $picture = PictureView::of(MomentSolver::solve($moment), View::usual());
        $first = array_filter($picture->figures, static fn(Figure $f): bool => $f->isOfGroup && $f->at->x === $moment->scene->face->x);
        $places = array_map(static fn(Figure $f): float => $picture->camera->project($f->at)->x ?? NAN, array_values($first));
        self::assertCount((int) ceil($count / $rows), $places);
        sort($places);
        self::assertEqualsWithDelta(0.0, ($places[0] ?? NAN) + ($places[count($places) - 1] ?? NAN), 0.02);
    }

    /** @return iterable<string, array{int, int}> */
    public static function rows(): iterable
    {
        foreach ([[1, 1], [2, 1], [3, 1], [4, 1], [8, 2], [9, 3]] as [$count, $rows]) {
            yield "$count in $rows" => [$count, $rows];
        }
    }

    /** A face high over a lens close by: however it is tilted, what is up stays up. */
    public function testTheCameraNeverTurnsOverItself(): void
    {
        $steep = Moments::with(['room.height' => 12, 'camera.height' => 0.3, 'subject' => ['distance' => 0.4, 'height' => 9]]);
        $camera = Camera::of($steep, View::ofDegrees(30.0, 0.0, false));
        self::assertGreaterThan(0.0, $camera->up->z);
        self::assertEqualsWithDelta(-1.0, $camera->right->y, 1e-9);
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
}
