<?php

declare(strict_types=1);

namespace Tests\Feature\Operations;

use App\Planning\Quota;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** An account has an end, told in words. */
final class QuotaTest extends TestCase
{
    public function testNightsPlacesAndImportsAreCounted(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user);
        DB::insert('insert into nights (user_id, venue_id, name, held_on) select user_id, venue_id, name, held_on from nights, generate_series(2, ?)', [Quota::NIGHTS]);
        DB::insert("insert into venues (user_id, uid, name, zone, latitude, longitude) select user_id, gen_random_uuid(), 'x' || i, zone, 0, 0 from venues, generate_series(2, ?) i", [Quota::PLACES]);
        $night = ['name' => 'One more', 'place' => 'A hall', 'heldOn' => '2027-02-06'];
        $this->post('/nights', $night)->assertSessionHasErrors(['page' => 'An account holds at most 1000 nights. Take some out as JSON and delete them first.']);
        $this->post("/nights/{$moment->night_id}/copy", ['name' => 'One more', 'heldOn' => '2027-02-06'])->assertSessionHasErrors('page');
        $this->post('/places', ['name' => 'One more', 'zone' => 'UTC'])->assertSessionHasErrors('page');
        self::assertSame([Quota::NIGHTS, Quota::PLACES], [$user->nights()->count(), $user->venues()->count()]);
        DB::insert("insert into imports (user_id, is_preview, state, created_at) select ?, true, 'taken', now() from generate_series(1, ?)", [$user->id, Quota::IMPORTS]);
        $this->postJson('/import/preview', ['format' => 'kaddle-bag', 'version' => 1, 'pieces' => []])->assertUnprocessable()->assertJsonValidationErrors(['page' => '100 imports an hour are the most.']);
    }

    public function testTheSameNightAskedForTwiceIsOne(): void
    {
        $this->actingAs($user = $this->person());
        $night = ['name' => 'Gala', 'place' => 'Old mint', 'heldOn' => '2027-02-06'];
        $first = $this->post('/nights', $night)->headers->get('Location');
        self::assertSame($first, $this->post('/nights', $night)->headers->get('Location'));
        $this->post('/nights', ['name' => 'Another'] + $night);
        self::assertSame(2, $user->nights()->count());
        $this->travel(1)->minutes();
        $this->post('/nights', $night);
        self::assertSame(3, $user->nights()->count(), 'a minute later it is meant');
    }

    public function testANightWithoutMomentsGetsItsFirst(): void
    {
        $moment = $this->momentOf($user = $this->person());
        DB::table('moments')->delete();
        $this->actingAs($user)->post("/nights/{$moment->night_id}/moments")->assertSessionHasNoErrors();
        self::assertSame('Supper', $moment->night->moments()->firstOrFail()->name);
    }
}
