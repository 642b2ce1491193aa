<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Motion;

use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Motion\SubjectBlur;
use Kaddle\Core\Quantity\Step;
use PHPUnit\Framework\TestCase;

final class SubjectBlurTest extends TestCase
{
    /** By hand: 0.05·1.8·2^-5/(3 − 0.05) m on 36 mm is 2.65 %. */
    public function testAgainstASumByHand(): void
    {
        $blur = SubjectBlur::atMetres(Optics::ofMillimetres(50.0, 1.0), 3.0, 1.8);
        self::assertEqualsWithDelta(0.0265, $blur->shareAt(Shutter::fromLabel('1/30', Step::Third)), 0.0001);
    }

    /** A smaller sensor shows the same smear larger. */
    public function testCropMagnifies(): void
    {
        $at = static fn(float $crop): float => SubjectBlur::atMetres(Optics::ofMillimetres(50.0, $crop), 3.0, 1.8)->shareAt(Shutter::fastest());
        self::assertEqualsWithDelta(1.5, $at(1.5) / $at(1.0), 1e-9);
    }

    public function testSharpFromIsWhereTheSmearIsJustSharp(): void
    {
        $blur = SubjectBlur::atMetres(Optics::ofMillimetres(35.0, 1.0), 2.0, 1.2);
        $seconds = 2.0 ** -$blur->sharpFrom();
        self::assertEqualsWithDelta(SubjectBlur::SHARP, 0.035 * 1.2 * $seconds / (2.0 - 0.035) / 0.036, 1e-9);
    }
}
