<?php

declare(strict_types=1);

namespace Tests\Feature\Nights;

use App\Models\Moment;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Inertia\Testing\AssertableInertia;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Solve\MomentSolver;
use Tests\TestCase;

/** Where the house forbids flash the plan is without flash, in all its numbers and on all its sheets. */
final class ForbiddenFlashTest extends TestCase
{
    public function testItIsOffEverywhereTheSame(): void
    {
        $this->seed(DatabaseSeeder::class);
        $this->actingAs(User::query()->firstOrFail());
        $vows = Moment::query()->where('name', 'Vows')->firstOrFail();
        $night = "/nights/{$vows->night_id}";

        self::assertTrue(MomentSolver::solve(MomentReader::fromArray($vows->document()))->best->isOff());
        $this->get("$night/timetable")->assertInertia(static fn(AssertableInertia $page) => $page
            ->loadDeferredProps(static fn(AssertableInertia $solved) => $solved
                ->where('solved.rows.4.bars.0.head', 'Off')->where('solved.rows.4.bars.0.output', 'off')->where('solved.rows.4.bars.0.share', static fn(int|float $share): bool => (float) $share === 0.0)));
        $this->get("/moments/$vows->id")->assertInertia(static fn(AssertableInertia $page) => $page
            ->where('bench.solution.output.label', 'off')->where('bench.solution.head.label', 'Off')->where('bench.solution.levels.faceFlash', null));
        $this->get("$night/kit"); // some at a time
        $this->get("$night/kit")->assertInertia(static fn(AssertableInertia $page) => $page
            ->where('kit.rows.4.cells.0.head', 'Off')->where('kit.rows.4.cells.0.way', 'without flash, Fast 35'));
        $this->get("$night/energy")->assertInertia(static fn(AssertableInertia $page) => $page->loadDeferredProps(static fn(AssertableInertia $energy) => $energy
            ->where('energy.units.0.rows.4.pops', static fn(int|float $n): bool => (float) $n === 0.0)->where('energy.units.0.rows.4.energy', static fn(int|float $n): bool => (float) $n === 0.0)->where('energy.units.0.rows.4.heat', static fn(int|float $n): bool => (float) $n === 0.0)));
        self::assertStringContainsString('head: off\, output off.', str_replace("\r\n ", '', (string) $this->get("$night/calendar")->assertOk()->getContent()));
        self::assertMatchesRegularExpression('/"Vows".*"Off","off"/', (string) $this->get("$night/timetable.csv")->getContent());
        self::assertMatchesRegularExpression('/"Vows","without flash, Fast 35","Off"/', (string) $this->get("$night/kit.csv")->getContent());
        self::assertMatchesRegularExpression('/"Vows","?0"?,"?0"?/', (string) $this->get("$night/energy.csv")->getContent());
    }

    /** A draft that leaves the hour of the rule gets its flash back; nobody sets the output of one that is off. */
    public function testTheDraftsOwnHourDecides(): void
    {
        $this->seed(DatabaseSeeder::class);
        $this->actingAs(User::query()->firstOrFail());
        $vows = Moment::query()->where('name', 'Vows')->firstOrFail();
        $draft = $this->draftOf($vows, ['startsAt' => '18:50', 'look.withoutFlash' => false]);
        $this->postJson("/moments/$vows->id/solve", $draft)->assertOk()->assertJsonPath('output.label', 'off');
        self::assertSame('null', $this->postJson("/moments/$vows->id/ways", $draft)->assertOk()->getContent());
        $this->postJson("/moments/$vows->id/costs", $draft)->assertOk()->assertJsonPath('distances', []);
        $later = ['startsAt' => '19:25'] + $draft;
        self::assertNotSame('off', $this->postJson("/moments/$vows->id/solve", $later)->assertOk()->json('output.label'));
        $this->postJson("/moments/$vows->id/solve", array_replace_recursive($later, ['look' => ['withoutFlash' => true]]))->assertJsonPath('output.label', 'off');
    }
}
