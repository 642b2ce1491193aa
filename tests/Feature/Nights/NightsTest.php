<?php

declare(strict_types=1);

namespace Tests\Feature\Nights;

use App\Models\Moment;
use App\Models\Night;
use App\Planning\NightKit;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class NightsTest extends TestCase
{
    public function testTheFirstNightComesWithAMomentARoomAndABag(): void
    {
        $user = $this->person();
        $this->actingAs($user)->post('/nights', ['name' => 'Gala', 'place' => 'Old mint', 'heldOn' => '2027-02-06']);
        $night = $user->nights()->firstOrFail();
        $moment = $night->moments()->firstOrFail();
        self::assertSame('Gala', $night->name);
        $this->get("/moments/{$moment->id}")->assertInertia(static fn(AssertableInertia $page) => $page
            ->component('moments/Bench')
            ->where('bench.solution.feasible', true)
            ->has('bench.bodies', 2));
        $this->post('/nights', ['name' => 'Another', 'place' => 'Old mint', 'heldOn' => '2027-02-07']);
        self::assertSame(2, $user->pieces()->where('kind', 'body')->count(), 'the bag is given once');
        self::assertSame(1, $user->venues()->count(), 'the place is known again by its name');
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('badNights')]
    public function testRefusesANightByFieldAndStoresNothing(array $changes, string $field): void
    {
        $this->actingAs($this->person())
            ->post('/nights', [...['name' => 'Gala', 'place' => 'Old mint', 'heldOn' => '2027-02-06'], ...$changes])
            ->assertSessionHasErrors($field);
        self::assertSame(0, Night::query()->count() + DB::table('rooms')->count() + DB::table('pieces')->count() + DB::table('venues')->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badNights(): iterable
    {
        yield 'no name' => [['name' => ' '], 'name'];
        yield 'endless place' => [['place' => str_repeat('x', 121)], 'place'];
        yield 'markup in the name' => [['name' => '<i>Gala</i>'], 'name'];
        yield 'a name that turns the text round' => [['name' => "Gala\u{202E}"], 'name'];
        yield 'markup in the place' => [['place' => 'Mint <b>'], 'place'];
        yield 'no date' => [['heldOn' => 'tomorrow'], 'heldOn'];
        yield 'no such day' => [['heldOn' => '2027-02-30'], 'heldOn'];
        yield 'long ago' => [['heldOn' => '1066-10-14'], 'heldOn'];
        yield 'a list' => [['name' => ['a']], 'name'];
    }

    public function testShowsMomentsInTimeOrder(): void
    {
        $first = $this->momentOf($user = $this->person());
        $this->actingAs($user)->post("/nights/{$first->night_id}/moments");
        $added = Moment::query()->latest('id')->firstOrFail();
        self::assertSame('20:00', $added->clock());
        $this->get("/nights/{$first->night_id}/timetable")->assertInertia(static fn(AssertableInertia $page) => $page
            ->component('nights/Timetable')
            ->has('timetable.rows', 2)
            ->where('timetable.rows.0.startsAt', '19:30')
            ->where('timetable.rows.1.startsAt', '20:00'));
    }

    public function testAMomentAddedNearMidnightWrapsAround(): void
    {
        $first = $this->momentOf($user = $this->person());
        $first->update(['starts_at' => '23:45']);
        $this->actingAs($user)->post("/nights/{$first->night_id}/moments");
        self::assertSame('00:15', Moment::query()->latest('id')->firstOrFail()->clock());
    }

    public function testDeletesANightWithItsMoments(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user)->delete("/nights/{$moment->night_id}")->assertRedirect('/nights');
        self::assertSame(0, Moment::query()->count());
    }

    public function testKeepsTheLastMomentOfANight(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user)->delete("/moments/{$moment->id}")->assertSessionHasErrors('page');
        $this->post("/nights/{$moment->night_id}/moments");
        $this->delete("/moments/{$moment->id}")->assertRedirect("/nights/{$moment->night_id}/timetable");
        self::assertSame(1, Moment::query()->count());
    }

    /** The number of queries does not grow with the number of rows. */
    public function testListsWithoutAskingForEachRow(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $count = function () use ($moment, $user): int {
            // New moments are checked once, and kept.
            NightKit::of($user, $moment->night->wholeMoments(), 99);
            DB::flushQueryLog();
            DB::enableQueryLog();
            foreach (["/nights/{$moment->night_id}", "/nights/{$moment->night_id}/kit", "/nights/{$moment->night_id}/energy", '/nights'] as $path) {
                $this->get($path)->assertOk();
            }

            return count(DB::getQueryLog());
        };
        $this->actingAs($user);
        $few = $count();
        for ($i = 0; $i < 5; ++$i) {
            $this->post("/nights/{$moment->night_id}/moments");
            $this->post('/nights', ['name' => "Night $i", 'place' => 'Old mint', 'heldOn' => '2027-02-06']);
        }
        self::assertSame($few, $count());
    }
}
