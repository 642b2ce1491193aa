<?php

declare(strict_types=1);

namespace Tests\Feature\Places;

use App\Models\Room;
use App\Models\Venue;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Kaddle\Core\Exchange\DocumentKind;
use Kaddle\Core\Room\RoomKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class PlacesTest extends TestCase
{
    private const PLACE = ['name' => 'Net loft', 'zone' => 'Europe/Oslo', 'latitude' => 58.2, 'longitude' => 8.1];

    public function testANewPlaceLiesWhereItsZoneIsUntilSomebodySaysBetter(): void
    {
        $this->actingAs($user = $this->person())->post('/places', ['name' => 'Net loft', 'zone' => 'Europe/Oslo'])->assertSessionHasNoErrors();
        $venue = $user->venues()->firstOrFail();
        self::assertEqualsWithDelta(59.9, $venue->latitude, 0.1);
        $rules = [['rule' => 'no-flash', 'from' => '18:00', 'to' => '18:40', 'note' => 'Vows']];
        $this->put("/places/{$venue->id}", self::PLACE + ['rules' => $rules])->assertSessionHasNoErrors();
        self::assertSame([58.2, 8.1], [$venue->refresh()->latitude, $venue->longitude]);
        self::assertEquals($rules, $venue->rules);
        $this->put("/places/{$venue->id}", self::PLACE);
        self::assertSame([], $venue->refresh()->rules, 'rules that are left out are gone');
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('badPlaces')]
    public function testRefusesAPlaceByField(array $changes, string $field, string $sentence): void
    {
        $venue = $this->momentOf($user = $this->person())->night->venue;
        $this->actingAs($user)->put("/places/{$venue->id}", $changes + self::PLACE)->assertSessionHasErrors($field);
        self::assertStringContainsString($sentence, $this->sentenceFor($field));
        self::assertSame('A hall', $venue->refresh()->name);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function badPlaces(): iterable
    {
        yield 'no name' => [['name' => null], 'name', 'must not be empty'];
        yield 'no such zone' => [['zone' => 'Mars/Olympus'], 'zone', 'IANA'];
        yield 'beyond the pole' => [['latitude' => 99], 'latitude', '−90 to 90'];
        yield 'a position as text' => [['longitude' => 'east'], 'longitude', 'must be a number'];
        yield 'a rule nobody made' => [['rules' => [['rule' => 'no-smiling', 'from' => '18:00', 'to' => '19:00']]], 'rules.0.rule', 'must be one of'];
        yield 'a rule without end' => [['rules' => [['rule' => 'quiet', 'from' => '18:00']]], 'rules.0.to', 'time of day'];
    }

    public function testRefusesANewPlaceWithoutAZone(): void
    {
        $this->actingAs($this->person())->post('/places', ['name' => 'Net loft', 'zone' => 'Nowhere'])->assertSessionHasErrors('zone');
        self::assertSame(0, Venue::query()->count());
    }

    public function testARoomIsMeasuredAndItsCurveFollows(): void
    {
        $this->actingAs($user = $this->person())->post('/places', ['name' => 'Net loft', 'zone' => 'Europe/Oslo']);
        $this->post("/places/{$user->venues()->firstOrFail()->id}/rooms", ['kind' => 'long-hall'])->assertSessionHasNoErrors();
        $room = $user->rooms()->firstOrFail();
        $document = array_diff_key($room->wholeDocument(), ['uid' => null]);
        $this->put("/rooms/{$room->id}", [...$document, 'height' => 3.4, ...self::light(), 'revision' => $room->revision])->assertSessionHasNoErrors();
        self::assertSame(3.4, $room->refresh()->height_m);
        $this->get("/rooms/{$room->id}")->assertInertia(static fn(AssertableInertia $page) => $page
            ->component('places/Room')
            ->where('curve.date', '2027-09-18')
            ->has('curve.points', 72)
            ->where('curve.readings.3.spot', 'Dark corner')
            ->where('curve.readings.3.odd', static fn(mixed $odd): bool => $odd < -2)
            ->where('curve.readings.0.odd', null));
        $this->get("/rooms/{$room->id}?on=2027-06-20")->assertInertia(static fn(AssertableInertia $page) => $page
            ->where('curve.date', '2027-06-20')
            ->where('curve.sunset', static fn(mixed $clock): bool => $clock > '22:00'));
        $this->get("/rooms/{$room->id}?on=rubbish")->assertOk();
    }

    /** A reading after midnight belongs to the evening before. */
    public function testTheEveningShownIsThatOfTheLatestReading(): void
    {
        $room = $this->momentOf($user = $this->person())->room;
        $room->update(['readings' => [['spot' => 'Floor', 'at' => '2027-09-19T00:40', 'kind' => 'frame', 'ev' => 2]]]);
        $this->actingAs($user)->get("/rooms/{$room->id}")->assertInertia(static fn(AssertableInertia $page) => $page
            ->where('curve.date', '2027-09-18')
            ->where('curve.readings.0.date', '2027-09-18'));
    }

    /** @return array<string, mixed> */
    private static function light(): array
    {
        $incident = static fn(string $at, float $lux, string $spot = 'Middle'): array => ['spot' => $spot, 'at' => "2027-09-18T$at", 'kind' => 'incident', 'lux' => $lux];

        return [
            'windows' => [['name' => 'West', 'share' => 1.2]],
            'lamps' => [['name' => 'Lanterns', 'lux' => 60, 'kelvin' => 2700, 'states' => [['from' => '20:15', 'level' => 60]]]],
            'readings' => [$incident('18:30', 140), $incident('20:00', 40), $incident('21:30', 36), $incident('21:00', 4, 'Dark corner')],
        ];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('badRooms')]
    public function testRefusesARoomByFieldAndStoresNothing(array $changes, string $field, string $sentence): void
    {
        $room = $this->momentOf($user = $this->person())->room;
        $before = $room->fresh()?->getAttributes();
        $this->actingAs($user)->put("/rooms/{$room->id}", [...array_diff_key($room->wholeDocument(), ['uid' => null]), ...$changes, 'revision' => $room->revision])->assertSessionHasErrors($field);
        self::assertStringContainsString($sentence, $this->sentenceFor($field));
        self::assertSame($before, $room->fresh()?->getAttributes());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function badRooms(): iterable
    {
        yield 'no ceiling' => [['height' => 0], 'height', '2 to 40 m'];
        yield 'a ridge under the eaves' => [['roof' => ['ridge' => 2.5, 'runs' => 'along']], 'roof.ridge', 'higher than the eaves'];
        yield 'too short for its moment' => [['length' => 6], 'length', '“Supper” takes place in the same room'];
        yield 'a lamp like the sun' => [['lamps' => [['name' => 'x', 'lux' => 1e6, 'kelvin' => 3000]]], 'lamps.0.lux', 'must be 0.1 to 20'];
        yield 'a reading without a figure' => [['readings' => [['spot' => 'x', 'at' => '2027-09-18T18:30', 'kind' => 'incident']]], 'readings.0', 'needs its lux'];
        yield 'a reading on no day' => [['readings' => [['spot' => 'x', 'at' => '2027-02-30T18:30', 'kind' => 'frame', 'ev' => 1]]], 'readings.0.at', 'a day and a time'];
    }

    public function testWhatIsInUseIsKept(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user)->delete("/rooms/{$moment->room_id}")->assertSessionHasErrors('page');
        $this->delete("/places/{$moment->night->venue_id}")->assertSessionHasErrors('page');
        $this->delete("/nights/{$moment->night_id}");
        $this->delete("/rooms/{$moment->room_id}")->assertRedirect("/places/{$moment->night->venue_id}");
        $this->delete("/places/{$moment->night->venue_id}")->assertRedirect('/places');
        self::assertSame(0, Room::query()->count() + Venue::query()->count());
    }

    public function testAPlaceHoldsSixtyRooms(): void
    {
        $venue = $this->momentOf($user = $this->person())->night->venue;
        for ($i = $venue->rooms()->count(); $i < DocumentKind::MOST_ROOMS; ++$i) {
            $room = Room::ofKind(RoomKind::Gallery, "Room $i");
            $room->venue()->associate($venue);
            $user->rooms()->save($room);
        }
        $this->actingAs($user)->post("/places/{$venue->id}/rooms", ['kind' => 'gallery'])->assertSessionHasErrors('page');
        $this->post("/places/{$venue->id}/rooms", ['kind' => 'castle'])->assertSessionHasErrors('kind');
        self::assertSame(DocumentKind::MOST_ROOMS, $venue->rooms()->count());
    }

    #[DataProvider('routes')]
    public function testAnotherPersonsPlaceDoesNotExist(string $method, string $path): void
    {
        $moment = $this->momentOf($this->person());
        $before = [DB::table('venues')->get()->all(), DB::table('rooms')->get()->all()];
        $path = str_replace(['VENUE', 'ROOM'], [(string) $moment->night->venue_id, (string) $moment->room_id], $path);
        $this->actingAs($this->person('Stranger'))->call($method, $path, ['kind' => 'gallery'] + self::PLACE)->assertNotFound();
        self::assertEquals($before, [DB::table('venues')->get()->all(), DB::table('rooms')->get()->all()]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function routes(): iterable
    {
        yield 'see the place' => ['GET', '/places/VENUE'];
        yield 'change the place' => ['PUT', '/places/VENUE'];
        yield 'delete the place' => ['DELETE', '/places/VENUE'];
        yield 'take the place away' => ['GET', '/places/VENUE/document'];
        yield 'add a room' => ['POST', '/places/VENUE/rooms'];
        yield 'see the room' => ['GET', '/rooms/ROOM'];
        yield 'change the room' => ['PUT', '/rooms/ROOM'];
        yield 'delete the room' => ['DELETE', '/rooms/ROOM'];
    }
}
