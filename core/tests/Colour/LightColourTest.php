<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Colour;

use Kaddle\Core\Colour\BlackBody;
use Kaddle\Core\Colour\LightColour;
use Kaddle\Core\Quantity\Mired;
use Kaddle\Core\Quantity\NotANumber;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LightColourTest extends TestCase
{
    /** Made into light and read back it is itself: nothing is lost on the way through both diagrams. */
    #[DataProvider('colours')]
    public function testItReadsBackFromItsLight(float $mired, float $duv): void
    {
        $back = LightColour::ofLight(LightColour::of(Mired::of($mired), $duv)->light());
        self::assertEqualsWithDelta($mired, $back->warmth->mired, 2.0);
        self::assertEqualsWithDelta($duv, $back->duv, 0.0003);
    }

    /** @return iterable<string, array{float, float}> */
    public static function colours(): iterable
    {
        foreach ([100.0, 182.0, 250.0, 345.0] as $mired) {
            foreach ([-0.015, 0.0, 0.004, 0.015] as $duv) {
                yield "$mired mired, $duv" => [$mired, $duv];
            }
        }
    }

    public function testGreenishLightHasMoreGreenAndPinkishLess(): void
    {
        $green = static fn(float $duv): float => ($light = LightColour::of(Mired::of(250.0), $duv)->light())->g / ($light->r + $light->b);
        self::assertGreaterThan($green(0.0), $green(0.01));
        self::assertLessThan($green(0.0), $green(-0.01));
        self::assertEquals(BlackBody::light(Mired::of(250.0)), LightColour::of(Mired::of(250.0))->light());
    }

    public function testATintThatIsNoNumberIsNone(): void
    {
        $this->expectException(NotANumber::class);
        LightColour::of(Mired::of(200.0), NAN);
    }
}
