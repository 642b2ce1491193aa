<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Colour;

use Kaddle\Core\Colour\Cast;
use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Colour\GelKind;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Mired;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Stops;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GelTest extends TestCase
{
    /** Two independent formulas: Kim's splines make the colour, McCamy's reads it back, within a tenth. */
    #[DataProvider('kinds')]
    public function testItsColourIsWhatItsMiredSay(GelKind $kind): void
    {
        $light = $kind->gel()->transmission(Kelvin::of(Gel::USUAL_HEAD));
        $cast = Cast::of($light);
        self::assertEqualsWithDelta($kind->gel()->shift->mired, $cast->warmth->mired, 0.1 * abs($kind->gel()->shift->mired));
        self::assertEqualsWithDelta(0.0, $cast->tint, 0.003);
        self::assertEqualsWithDelta(-$kind->gel()->loss->value, log($light->luminance(), 2), 0.05);
        self::assertLessThanOrEqual(1.0, max($light->r, $light->g, $light->b), 'nothing comes out that did not go in');
    }

    /** @return iterable<string, array{GelKind}> */
    public static function kinds(): iterable
    {
        foreach (GelKind::cases() as $kind) {
            yield $kind->inWords() => [$kind];
        }
    }

    public function testAGelThatDoesNothingIsClear(): void
    {
        $light = Gel::of(Mired::of(0.0), Stops::of(0.0))->transmission(Kelvin::of(Gel::USUAL_HEAD));
        self::assertSame([1.0, 1.0, 1.0], [round($light->r, 9), round($light->g, 9), round($light->b, 9)]);
    }

    public function testRefusesWhatNoGelDoes(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('mired');
        Gel::of(Mired::of(900.0), Stops::of(0.5));
    }
}
