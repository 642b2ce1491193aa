<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Score;

use Kaddle\Core\Score\Stretches;
use PHPUnit\Framework\TestCase;

final class StretchesTest extends TestCase
{
    public function testASteadyGlowIsOneStretchWithTheGlowOfItsMiddle(): void
    {
        self::assertSame([[100, 160, 4.0]], Stretches::of(100, 160, static fn(float $m): float => 4.0));
        self::assertEqualsWithDelta([[100, 160, 3.7]], Stretches::of(100, 160, static fn(float $m): float => 4.0 - ($m - 100.0) / 100.0), 1e-9);
    }

    /** A sunset that takes a stop in twenty minutes: no stretch drifts farther than a setting bears, and none is missing. */
    public function testADriftIsCutBeforeItGoesTooFar(): void
    {
        $glow = static fn(float $m): float => 5.0 - $m / 20.0;
        $stretches = Stretches::of(0, 60, $glow);
        self::assertSame([0, 60], [$stretches[0][0], $stretches[count($stretches) - 1][1]]);
        foreach ($stretches as $i => [$from, $until, $ev]) {
            self::assertLessThanOrEqual(Stretches::DRIFT + 5 / 20 + 1e-9, $glow($from) - $glow($until));
            self::assertEqualsWithDelta($glow(($from + $until) / 2), $ev, 1e-9);
            self::assertSame($stretches[$i + 1][0] ?? 60, $until);
        }
        self::assertCount(4, $stretches);
    }

    public function testADimmerCutsWhereItIsTurned(): void
    {
        $glow = static fn(float $m): float => $m < 30.0 ? 4.0 : 2.0;
        self::assertSame([[0, 30, 4.0], [30, 90, 2.0]], Stretches::of(0, 90, $glow));
    }

    public function testADayIsLookedAtNoOftenerThanAnHourOrTwo(): void
    {
        $looks = 0;
        Stretches::of(0, 720, static function (float $m) use (&$looks): float {
            ++$looks;

            return 4.0;
        });
        self::assertLessThanOrEqual(26, $looks);
    }
}
