<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Exposure;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\DepthOfField;
use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\Quantity\Step;
use PHPUnit\Framework\TestCase;

final class DepthOfFieldTest extends TestCase
{
    /** Thin-lens forms at 50 mm, f/2.8, 5 m and 0.030 mm: near 4.29 m, far 6.00 m (own reckoning with the same formula). */
    public function testDepthOfField(): void
    {
        $depth = DepthOfField::atMetres(Optics::ofMillimetres(50.0, 1.0), Aperture::fromLabel('f/2.8', Step::Third), 5.0);
        self::assertEqualsWithDelta(4.28, $depth->near, 0.01);
        self::assertEqualsWithDelta(6.01, $depth->far, 0.01);
        self::assertTrue(is_infinite(DepthOfField::atMetres(Optics::ofMillimetres(24.0, 1.0), Aperture::fromLabel('f/16', Step::Third), 5.0)->far));
    }
}
