<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Power;

use Kaddle\Core\Power\EnergyPlan;
use Kaddle\Core\Power\PlannedUse;
use Kaddle\Core\Power\PowerSource;
use Kaddle\Core\Quantity\OutOfRange;
use PHPUnit\Framework\TestCase;

final class EnergyPlanTest extends TestCase
{
    /** Recycle t_full·p and pops pops_full/p: one stop less output halves the one and doubles the other. */
    public function testAStopHalvesTheEnergy(): void
    {
        $cells = PowerSource::ofSeconds(2.6, 200.0);
        self::assertEqualsWithDelta(0.65, $cells->recycle(0.25), 1e-12);
        self::assertSame(800.0, $cells->pops(0.25));
        self::assertSame(2.0 * $cells->pops(0.5), $cells->pops(0.25));
        self::assertSame(0.15, $cells->recycle(1.0 / 128.0));
    }

    /** 60 min at 10 frames a minute and a quarter: 600 pops of 800 in a set; twice that is a set and a half. */
    public function testAddsPopsAndSaysWhenSetsRunOut(): void
    {
        $plan = EnergyPlan::of([
            PlannedUse::ofMinutes('Supper', 60.0, 10.0, 0.25),
            PlannedUse::ofMinutes('Dance', 60.0, 10.0, 0.25),
        ], PowerSource::ofSeconds(2.6, 200.0));
        self::assertSame([1200.0, 300.0, 1.5, 2], [$plan->pops, $plan->energy, $plan->setsUsed, $plan->setsToCarry]);
        self::assertSame([0, 1], array_map(static fn($s): int => $s->changes, $plan->steps));
    }

    public function testFramesFasterThanTheUnitWait(): void
    {
        [$step] = EnergyPlan::of([PlannedUse::ofMinutes('Bouquet', 5.0, 30.0, 1.0)], PowerSource::ofSeconds(2.6, 200.0))->steps;
        self::assertTrue($step->waits());
        self::assertEqualsWithDelta(2.0, $step->pause, 1e-12);
        self::assertTrue($step->overheats());
    }

    public function testNoFramesNeedNothing(): void
    {
        $plan = EnergyPlan::of([PlannedUse::ofMinutes('Ceremony', 40.0, 0.0, 1.0)], PowerSource::ofSeconds(2.6, 200.0));
        self::assertSame([0.0, 0.0, 0], [$plan->pops, $plan->setsUsed, $plan->setsToCarry]);
        self::assertFalse($plan->steps[0]->waits());
    }

    public function testRefusesASetOfNothing(): void
    {
        $this->expectException(OutOfRange::class);
        PowerSource::ofSeconds(2.6, 0.0);
    }
}
