<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Score;

use Kaddle\Core\KaddleException;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Score\Choices;
use Kaddle\Core\Score\Control;
use Kaddle\Core\Score\Effort;
use Kaddle\Core\Score\Work;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EffortTest extends TestCase
{
    /** 1 + 2·1 for two clicks of ISO, 2 + 3·1 for three of output, 4 for the head, 20 for a lens: by hand from docs/physics.md. */
    public function testTurnsAddUpByControl(): void
    {
        $work = Work::of(Effort::usual(), Step::Third, Step::Third);
        $here = [180, 120, 90, -90, 1, 7];
        self::assertSame(0.0, $work->between($here, $here));
        self::assertSame(3.0, $work->between($here, [180, 120, 110, -90, 1, 7]));
        self::assertSame(3.0 + 5.0 + 4.0, $work->between($here, [180, 120, 110, -60, 2, 7]));
        self::assertSame($work->between($here, [200, 100, 110, -60, 2, 7]), $work->between([200, 100, 110, -60, 2, 7], $here));
        self::assertSame(3.0 + 20.0, $work->between($here, [180, 120, 110, -90, 1, 8]));
        self::assertSame(3.0, $work->between($here, [180, 120, 90, Choices::OFF, 2, 7]));
        self::assertSame(0.0, $work->between([180, 120, 90, Choices::OFF, 1, 7], [180, 120, 90, Choices::OFF, 2, 7]));
    }

    public function testClicksAreThoseOfTheGear(): void
    {
        $work = Work::of(Effort::usual(), Step::Half, Step::Tenth);
        self::assertSame(1.0 + 2.0, $work->between([180, 120, 90, -90, 1, 7], [180, 120, 120, -90, 1, 7]));
        self::assertSame(2.0 + 10.0, $work->between([180, 120, 90, -90, 1, 7], [180, 120, 90, -60, 1, 7]));
    }

    public function testAControlMayLieBetterOrWorse(): void
    {
        $menu = Effort::usual()->with(Control::Iso, 6.0, 2.0);
        self::assertSame(12.0, $menu->of(Control::Iso, -3));
        self::assertSame(4.0, Effort::usual()->of(Control::Iso, -3));
        self::assertSame(0.0, $menu->of(Control::Iso, 0));
        self::assertSame(7.0, Effort::usual()->with(Control::Lens, 7.0, 3.0)->of(Control::Lens, 1));
    }

    #[DataProvider('impossible')]
    public function testImpossibleEffortsCannotBeBuilt(float $reach, float $click): void
    {
        $this->expectException(KaddleException::class);
        Effort::usual()->with(Control::Shutter, $reach, $click);
    }

    /** @return iterable<string, array{float, float}> */
    public static function impossible(): iterable
    {
        yield 'below nothing' => [-1.0, 1.0];
        yield 'beyond the range' => [1.0, 101.0];
        yield 'no number' => [NAN, 1.0];
        yield 'endless' => [1.0, INF];
    }
}
