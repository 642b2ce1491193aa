<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Night;

use Kaddle\Core\Night\Slot;
use PHPUnit\Framework\TestCase;

final class SlotTest extends TestCase
{
    public function testSlotsKnowGapsAndOverlapsOverMidnight(): void
    {
        $late = Slot::at('23:30', 60);
        self::assertSame(-15, Slot::at('00:15', 30)->after($late));
        self::assertSame(30, Slot::at('01:00', 30)->after($late));
        self::assertTrue($late->touches('00:00', '02:00'));
        self::assertFalse($late->touches('18:00', '19:00'));
    }
}
