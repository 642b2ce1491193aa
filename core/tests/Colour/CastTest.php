<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Colour;

use Kaddle\Core\Colour\Cast;
use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Room\Finish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CastTest extends TestCase
{
    public function testWhiteStaysWhite(): void
    {
        $cast = Cast::of(Rgb::grey(12.0));
        self::assertEqualsWithDelta(0.0, $cast->warmth->mired, 0.5);
        self::assertEqualsWithDelta(0.0, $cast->tint, 0.0003);
        self::assertSame('about neutral', $cast->inWords());
    }

    /**
     * Source: CIE standard illuminant A is 2856 K, x = 0.44758, y = 0.40745; its linear
     * BT.709 values follow from X, Y, Z = 1.0985, 1, 0.3558 and the inverse of the matrix.
     */
    public function testIlluminantAAgainstTheFlash(): void
    {
        $cast = Cast::of(Rgb::of(1.8452, 0.8263, 0.2333));
        self::assertEqualsWithDelta(1e6 / 2856.0 - 1e6 / 6504.0, $cast->warmth->mired, 6.0);
        self::assertEqualsWithDelta(-0.0032, $cast->tint, 0.0015);
    }

    #[DataProvider('paints')]
    public function testNamesWhatPaintDoes(Rgb $light, string $words): void
    {
        self::assertSame($words, Cast::of($light)->inWords());
    }

    /** @return iterable<string, array{Rgb, string}> */
    public static function paints(): iterable
    {
        yield 'no light' => [Rgb::grey(0.0), 'about neutral'];
        yield 'cream' => [Finish::CreamPaint->reflectance()->share, '25 mired warmer'];
        yield 'sage' => [Finish::SagePaint->reflectance()->share, '10 mired warmer, greenish'];
        yield 'plaster' => [Finish::WhitePlaster->reflectance()->share, 'about neutral'];
    }

    public function testStrengthDoesNotMatter(): void
    {
        $oak = Finish::PaleOak->reflectance()->share;
        self::assertEqualsWithDelta(Cast::of($oak)->warmth->mired, Cast::of($oak->times(0.01))->warmth->mired, 1e-9);
    }
}
