<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Solve;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\ControlScales;
use Kaddle\Core\Tests\Moments;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The settings that make the room: of all that do, those nearest to the aperture that is liked. */
final class ControlScalesTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    #[DataProvider('moments')]
    public function testEachShutterGetsTheApertureNearestToTheLikedOne(array $changes): void
    {
        $moment = Moments::with($changes);
        $scales = ControlScales::of($moment);
        $found = $scales->byShutter();
        foreach ($scales->shutters as $i => $shutter) {
            $best = null;
            foreach ($scales->apertures as $aperture) {
                foreach ($scales->isos as $iso) {
                    $settings = ExposureSettings::of($shutter, $aperture, $iso, $moment->look->aids);
                    if (self::reads($moment, $settings) && ($best === null || self::away($moment, $aperture) < self::away($moment, $best->aperture))) {
                        $best = $settings;
                    }
                }
            }
            self::assertEquals($best, $found[$i] ?? null, $shutter->label());
        }
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('moments')]
    public function testEachIsoGetsTheApertureNearestToTheLikedOne(array $changes): void
    {
        $moment = Moments::with($changes);
        $scales = ControlScales::of($moment);
        $found = [];
        foreach ($scales->byIso() as $settings) {
            self::assertTrue(self::reads($moment, $settings), $settings->iso->label());
            $found[$settings->iso->label()] = $settings->aperture;
        }
        $fitting = [];
        foreach ($scales->isos as $iso) {
            foreach ($scales->apertures as $aperture) {
                foreach ($scales->shutters as $shutter) {
                    if (self::reads($moment, ExposureSettings::of($shutter, $aperture, $iso, $moment->look->aids))) {
                        $fitting[$iso->label()] = true;
                        self::assertArrayHasKey($iso->label(), $found);
                        self::assertLessThanOrEqual(self::away($moment, $aperture), self::away($moment, $found[$iso->label()]), "ISO {$iso->label()}");
                    }
                }
            }
        }
        self::assertSameSize($fitting, $found);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function moments(): iterable
    {
        yield 'supper' => [[]];
        yield 'a liked aperture between the ends' => [['look.aperture' => 'f/5.6', 'glow.ev' => 7]];
        yield 'wide open is liked' => [['look.aperture' => 'f/1.8', 'glow.ev' => 1]];
        yield 'wider than the lens is liked' => [['look.aperture' => 'f/1.2', 'glow.ev' => 3]];
        yield 'narrower than the lens is liked' => [['look.aperture' => 'f/22', 'glow.ev' => 8, 'lens.narrowest' => 'f/16']];
        yield 'halves of a stop' => [['body.step' => 'half', 'body.sync' => '1/180']];
        yield 'a filter' => [['glow.ev' => 13, 'look.roomUnder' => 0, 'look.nd' => 3]];
        yield 'a held time' => [['look.locks' => ['shutter' => '1/125']]];
        yield 'too dark for any' => [['glow.ev' => -5]];
    }

    /** Whether the room comes out as wished, to half a click. */
    private static function reads(Moment $moment, ExposureSettings $settings): bool
    {
        return abs($settings->offsetOf($moment->glow)->minus($moment->roomLevel)->value) <= $moment->body->step->thirtieths() / 60.0 + 1e-9;
    }

    private static function away(Moment $moment, Aperture $aperture): int
    {
        return abs($aperture->av->thirtieths - $moment->look->workingAperture->av->thirtieths);
    }
}
