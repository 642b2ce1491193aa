<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Gear;

use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Tests\Moments;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is made of a flash in a moment document. */
final class UnitFormTest extends TestCase
{
    public function testAHeadThatDoesNotZoomStandsStill(): void
    {
        $unit = self::unit([]);
        self::assertSame([28.0, 76.0], [$unit->zoom->at(20.0)->guideNumber, $unit->zoom->at(200.0)->coverage]);
        self::assertNull($unit->outfit->gel);
        self::assertSame(1, $unit->outfit->units);
        self::assertFalse($unit->highSpeed);
    }

    public function testAHeadThatZoomsBringsItsTable(): void
    {
        $unit = self::unit(['flash' => [
            'zoom' => [['focalLength' => 24, 'guideNumber' => 20, 'coverage' => 80], ['focalLength' => 105, 'guideNumber' => 45, 'coverage' => 28]],
            'bounceZoom' => 50, 'lowestUnderFull' => 6, 'step' => 'whole', 'highSpeed' => true,
        ]]);
        self::assertSame([20.0, 45.0], [$unit->zoom->at(24.0)->guideNumber, $unit->zoom->at(105.0)->guideNumber]);
        self::assertSame([50.0, -6.0, true], [$unit->bounceZoom, $unit->lowest->value(), $unit->highSpeed]);
    }

    /** @param array<string, mixed> $gel */
    #[DataProvider('gels')]
    public function testAGelIsToldByKindOrFigures(array $gel, float $shift, float $loss): void
    {
        $read = self::unit(['flash.gel' => $gel])->outfit->gel;
        self::assertSame([$shift, $loss], [$read?->shift->mired, $read?->loss->value]);
    }

    /** @return iterable<string, array{array<string, mixed>, float, float}> the customary figures of docs/physics.md, “Gels” */
    public static function gels(): iterable
    {
        yield 'full orange' => [['kind' => 'full-orange'], 159.0, 0.65];
        yield 'half blue' => [['kind' => 'half-blue'], -68.0, 0.9];
        yield 'measured' => [['shift' => 100, 'loss' => 0.4], 100.0, 0.4];
    }

    public function testAModifierIsTheUsualOneOrAsItWasMeasured(): void
    {
        self::assertSame(0.9, self::unit(['flash.modifier' => ['kind' => 'dome']])->outfit->modifier?->loss);
        $measured = self::unit(['flash.modifier' => ['kind' => 'dome', 'dimming' => 3.0], 'flash.units' => 3])->outfit;
        self::assertSame([ModifierKind::Dome, 3], [$measured->modifier?->kind, $measured->units]);
        self::assertGreaterThan(0.9, $measured->modifier?->loss);
    }

    /** @param array<string, mixed> $changes */
    private static function unit(array $changes): FlashUnit
    {
        return Moments::with($changes)->flash;
    }
}
