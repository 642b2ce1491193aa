<?php

declare(strict_types=1);

namespace Tests\Feature\Start;

use App\Models\Moment;
use App\Models\Night;
use App\Models\Room;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\Artisan;
use Kaddle\Core\Advice\Remedy;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Solve\FaceBalance;
use Kaddle\Core\Solve\MomentSolver;
use Tests\TestCase;

final class DemoTest extends TestCase
{
    public function testTheDemoIsSeededOnceAndKeepsWhatPeopleChanged(): void
    {
        $this->seed(DatabaseSeeder::class);
        $supper = Moment::query()->where('name', 'Supper in the ropewalk')->firstOrFail();
        $supper->update(['settings' => self::settingsOf($supper, ['subject.distance' => 5.5])]);
        $this->seed(DatabaseSeeder::class);
        self::assertSame(1, User::query()->count());
        self::assertSame(42, Moment::query()->count());
        self::assertSame(5.5, $supper->refresh()->distance());
    }

    public function testTheFaceComesRightOrTheStopsAreTold(): void
    {
        $this->seed(DatabaseSeeder::class);
        $short = [];
        foreach (Moment::query()->with(Moment::WHOLE)->orderBy('id')->get() as $moment) {
            $solution = MomentSolver::solve(MomentReader::fromArray($moment->document()));
            if ($solution->isFeasible()) {
                $room = $solution->levels->faceRoom->value;
                $wanted = $solution->best->isOff() ? $room : log(2.0 ** $room + 2.0 ** FaceBalance::flashBeside(Stops::of($room), Stops::of(-2.0))->value, 2);
                self::assertEqualsWithDelta($wanted, $solution->levels->face->value, 1.0 / 6.0, $moment->name);
            } else {
                self::assertNotSame([], Remedy::allFor($solution), $moment->name);
                $short[] = $moment->name;
            }
        }
        self::assertSame(['Empty floor, show light', 'Main act, first songs'], $short);
    }

    public function testThreeNightsInThreePlacesWithADozenMomentsEach(): void
    {
        $this->seed(DatabaseSeeder::class);
        $nights = Night::query()->withCount('moments')->get();
        self::assertCount(3, $nights->pluck('venue_id')->unique());
        self::assertGreaterThanOrEqual(12, $nights->min('moments_count'));
    }

    /** One reading in the demo was taken in a dark corner. */
    public function testOneReadingDisagreesWithTheRest(): void
    {
        $this->seed(DatabaseSeeder::class);
        $odd = [];
        foreach (Room::query()->with('venue')->get() as $room) {
            foreach (array_keys($room->glow()->oddReadings()) as $i) {
                $odd[] = $room->readings[$i]['spot'];
            }
        }
        self::assertSame(['Under the gallery'], $odd);
    }

    public function testTheTypesOfThePageAreInStep(): void
    {
        self::assertSame(0, Artisan::call('types:write', ['--check' => true]));
    }
}
