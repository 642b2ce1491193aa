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
            PlannedUse::ofMinutes('Cake', 30.0, 10.0, 0.25),
        ], PowerSource::ofSeconds(2.6, 200.0));
        self::assertSame([1500.0, 375.0, 1.875, 3], [$plan->pops, $plan->energy, $plan->setsUsed, $plan->setsToCarry]);
        self::assertSame([0, 1, 0], array_map(static fn($s): int => $s->changes, $plan->steps));
    }

    public function testFramesFasterThanTheUnitWait(): void
    {
        [$step] = EnergyPlan::of([PlannedUse::ofMinutes('Bouquet', 5.0, 30.0, 1.0)], PowerSource::ofSeconds(2.6, 200.0))->steps;
        self::assertTrue($step->waits());
        self::assertEqualsWithDelta(2.0, $step->pause, 1e-12);
        self::assertTrue($step->overheats());
    }

    /** 30 full pops within ten minutes are hot: an hour at one a minute is a third of that, five minutes of thirty a minute five times. */
    public function testAHeadIsAsHotAsItsWorstTenMinutes(): void
    {
        $heat = static fn(float $minutes, float $rate, float $share): float => EnergyPlan::of([PlannedUse::ofMinutes('Use', $minutes, $rate, $share)], PowerSource::ofSeconds(2.6, 200.0))->steps[0]->heat;
        self::assertEqualsWithDelta(1.0 / 3.0, $heat(60.0, 1.0, 1.0), 1e-12);
        self::assertSame($heat(10.0, 1.0, 1.0), $heat(60.0, 1.0, 1.0));
        self::assertEqualsWithDelta(5.0, $heat(5.0, 30.0, 1.0), 1e-12);
        self::assertEqualsWithDelta(1.25, $heat(5.0, 30.0, 0.25), 1e-12);
        self::assertSame([30.0, 120.0], [EnergyPlan::hotAfter(1.0), EnergyPlan::hotAfter(0.25)]);
    }

    /**
     * 30 full pops of 60 are half a pop; of ten a minute for a minute all are, but 5.2 s of a tired set go once and a bit into 6 s, and
     * 2 s between frames are 0.385 of it. That is where heat and waits begin.
     */
    public function testAUnitBearsWhatKeepsItCoolAndReady(): void
    {
        $cells = PowerSource::ofSeconds(2.6, 200.0);
        foreach ([[10.0, 6.0, 0.5], [60.0, 6.0, 0.5], [5.0, 12.0, 0.5], [1.0, 10.0, 1.0], [1.0, 30.0, 2.0 / 5.2], [60.0, 0.0, 1.0]] as [$minutes, $rate, $share]) {
            self::assertEqualsWithDelta($share, EnergyPlan::bears($minutes, $rate, $cells), 1e-12);
        }
        foreach ([[10.0, 6.0], [5.0, 12.0], [1.0, 30.0], [3.0, 25.0]] as [$minutes, $rate]) {
            $borne = EnergyPlan::bears($minutes, $rate, $cells);
            $step = static fn(float $share) => EnergyPlan::of([PlannedUse::ofMinutes('Use', $minutes, $rate, $share)], PowerSource::ofSeconds(2.6, 1.0e1))->steps[0];
            self::assertFalse($step(0.999 * $borne)->overheats() || $cells->recycle(0.999 * $borne, 1.0) > 60.0 / $rate);
            self::assertTrue($step(1.001 * $borne)->overheats() || $cells->recycle(1.001 * $borne, 1.0) > 60.0 / $rate);
        }
    }

    /** A fifth more than is used: 1000 of 200 full pops are five sets, and six to carry. */
    public function testAFifthMoreIsCarried(): void
    {
        $carried = static fn(float $minutes): int => EnergyPlan::of([PlannedUse::ofMinutes('Use', $minutes, 1.0, 1.0)], PowerSource::ofSeconds(2.6, 50.0))->setsToCarry;
        self::assertSame([6, 7], [$carried(250.0), $carried(251.0)]);
    }

    public function testNoFramesNeedNothing(): void
    {
        $plan = EnergyPlan::of([PlannedUse::ofMinutes('Ceremony', 40.0, 0.0, 1.0)], PowerSource::ofSeconds(2.6, 200.0));
        self::assertSame([0.0, 0.0, 0], [$plan->pops, $plan->setsUsed, $plan->setsToCarry]);
        self::assertFalse($plan->steps[0]->waits());
        self::assertSame(INF, $plan->steps[0]->pause);
        [$seldom] = EnergyPlan::of([PlannedUse::ofMinutes('Toast', 10.0, 0.5, 1.0)], PowerSource::ofSeconds(2.6, 200.0))->steps;
        self::assertSame(120.0, $seldom->pause);
    }

    public function testRefusesASetOfNothing(): void
    {
        $this->expectException(OutOfRange::class);
        PowerSource::ofSeconds(2.6, 0.0);
    }
}
