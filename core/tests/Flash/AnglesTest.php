<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Flash;

use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Room\Vector;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where a head that is turned by hand looks; x runs along the view, y to the left, z up. */
final class AnglesTest extends TestCase
{
    #[DataProvider('heads')]
    public function testPointsAndReadsAsTurned(float $turn, float $tilt, Vector $direction, string $instruction, bool $straight): void
    {
        $angles = Angles::ofDegrees($turn, $tilt);
        self::assertEqualsWithDelta(1.0, $angles->direction()->unit->dot($direction), 1e-4);
        self::assertSame($instruction, $angles->instruction());
        self::assertSame($straight, $angles->isStraight());
    }

    /** @return iterable<string, array{float, float, Vector, string, bool}> */
    public static function heads(): iterable
    {
        yield 'at the face' => [0.0, 0.0, Vector::of(1.0, 0.0, 0.0), 'tilt 0°', true];
        yield 'left' => [90.0, 0.0, Vector::of(0.0, 1.0, 0.0), 'turn 90° left, tilt 0°', false];
        yield 'right' => [-90.0, 0.0, Vector::of(0.0, -1.0, 0.0), 'turn 90° right, tilt 0°', false];
        yield 'right and up' => [-90.0, 45.0, Vector::of(0.0, -M_SQRT1_2, M_SQRT1_2), 'turn 90° right, tilt 45°', false];
        yield 'up' => [30.0, 90.0, Vector::of(0.0, 0.0, 1.0), 'tilt 90°', false];
        yield 'back' => [180.0, 60.0, Vector::of(-0.5, 0.0, sqrt(0.75)), 'tilt 60°, turned round to the back', false];
        yield 'back the other way' => [-180.0, 0.0, Vector::of(-1.0, 0.0, 0.0), 'tilt 0°, turned round to the back', false];
        yield 'a hair to the left' => [0.4, -15.0, Vector::of(cos(deg2rad(15.0)), 0.0, -sin(deg2rad(15.0)))->plus(Vector::of(0.0, cos(deg2rad(15.0)) * sin(deg2rad(0.4)), 0.0)), 'tilt −15°', false];
        yield 'a degree to the left' => [0.6, 0.0, Vector::of(1.0, 0.0, 0.0), 'turn 1° left, tilt 0°', true];
        yield 'a degree to the right' => [-0.6, 0.0, Vector::of(1.0, 0.0, 0.0), 'turn 1° right, tilt 0°', true];
        yield 'nearly straight' => [4.9, -4.9, Vector::of(cos(deg2rad(4.9)) * cos(deg2rad(4.9)), cos(deg2rad(4.9)) * sin(deg2rad(4.9)), -sin(deg2rad(4.9))), 'turn 5° left, tilt −5°', true];
        yield 'just not straight' => [5.0, 0.0, Vector::of(cos(deg2rad(5.0)), sin(deg2rad(5.0)), 0.0), 'turn 5° left, tilt 0°', false];
    }
}
