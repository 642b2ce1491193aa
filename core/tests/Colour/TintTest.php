<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Colour;

use Kaddle\Core\Colour\LightColour;
use Kaddle\Core\Colour\Tint;
use Kaddle\Core\Quantity\Kelvin;
use PHPUnit\Framework\TestCase;

final class TintTest extends TestCase
{
    public function testWhatTheCameraIsSetToIsWhite(): void
    {
        foreach ([1800.0, 2700.0, 4200.0, 5500.0, 12000.0] as $kelvin) {
            self::assertSame('#ffffff', Tint::of(LightColour::ofKelvin(Kelvin::of($kelvin)), LightColour::ofKelvin(Kelvin::of($kelvin))));
        }
    }

    public function testWarmerLightIsRedderAndCoolerLightBluer(): void
    {
        $before = [0, 256];
        foreach ([2000.0, 2700.0, 3500.0, 4200.0, 5500.0, 7500.0, 12000.0] as $kelvin) {
            [$red, $green, $blue] = self::bands(Tint::of(LightColour::ofKelvin(Kelvin::of($kelvin)), LightColour::ofKelvin(Kelvin::of(4200.0))));
            self::assertSame(255, max($red, $green, $blue));
            self::assertGreaterThan($before[0], $kelvin > 4200.0 ? 256 + 255 - $red : $blue, "$kelvin K");
            $before = [$kelvin > 4200.0 ? 256 + 255 - $red : $blue, $red];
        }
    }

    /** @return list<int> */
    private static function bands(string $tint): array
    {
        return array_map(static fn(string $band): int => (int) hexdec($band), str_split(substr($tint, 1), 2));
    }
}
