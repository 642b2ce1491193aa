<?php

declare(strict_types=1);

namespace Tests\Feature\Start;

use App\Models\Moment;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\Artisan;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Plan\MomentSolver;
use Kaddle\Core\Plan\Reading\MomentReader;
use Tests\TestCase;

final class DemoTest extends TestCase
{
    public function testTheDemoIsSeededOnceAndKeepsWhatPeopleChanged(): void
    {
        $this->seed(DatabaseSeeder::class);
        Moment::query()->where('name', 'Supper in the ropewalk')->update(['subject_distance_m' => 5.5]);
        $this->seed(DatabaseSeeder::class);
        self::assertSame(1, User::query()->count());
        self::assertSame(4, Moment::query()->count());
        self::assertSame(5.5, Moment::query()->where('name', 'Supper in the ropewalk')->firstOrFail()->subject_distance_m);
    }

    public function testEveryDemoMomentCanBeHadAndTheFaceComesRight(): void
    {
        $this->seed(DatabaseSeeder::class);
        foreach (Moment::query()->with(['room', 'body', 'lens', 'flashUnit'])->get() as $moment) {
            $solution = MomentSolver::solve(MomentReader::fromArray($moment->document())->moment);
            self::assertTrue($solution->isFeasible(), $moment->name);
            self::assertEqualsWithDelta(0.0, $solution->levels->face->value, 1.0 / 6.0, $moment->name);
            self::assertSame($moment->name === 'Arrival on the quay', $solution->best->light->aim === HeadAim::Direct, $moment->name);
        }
    }

    public function testTheTypesOfThePageAreInStep(): void
    {
        self::assertSame(0, Artisan::call('types:write', ['--check' => true]));
    }
}
