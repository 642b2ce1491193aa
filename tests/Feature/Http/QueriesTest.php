<?php

declare(strict_types=1);

namespace Tests\Feature\Http;

use App\Models\Night;
use App\Models\Piece;
use App\Models\Room;
use App\Models\User;
use App\Models\Venue;
use App\Starter\StarterNight;
use Illuminate\Support\Facades\DB;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Room\RoomKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The number of queries of a page does not grow with what it shows. */
final class QueriesTest extends TestCase
{
    #[DataProvider('pages')]
    public function testMoreRecordsAskNoMoreQueries(string $path): void
    {
        $moment = $this->momentOf($user = $this->person());
        $path = str_replace(['NIGHT', 'MOMENT', 'VENUE', 'ROOM', 'PIECE'], array_map(strval(...), [$moment->night_id, $moment->id, $moment->night->venue_id, $moment->room_id, $moment->lens_id]), $path);
        $this->actingAs($user)->get($path)->assertOk();
        $few = $this->queries($path);
        $this->grow($user, $moment->night->venue);
        $this->get($path)->assertOk();
        self::assertSame($few, $this->queries($path));
    }

    /** @return iterable<string, array{string}> */
    public static function pages(): iterable
    {
        foreach (['/nights', '/bag', '/pieces/PIECE', '/bag/new/flash', '/places', '/places/VENUE', '/rooms/ROOM', '/moments/MOMENT', '/moments/MOMENT/plan', '/places/VENUE/document', '/bag/document', '/nights/NIGHT/document'] as $path) {
            yield $path => [$path];
        }
    }

    public function testADraftWithTheGearItIsStoredWithIsAnsweredFromOneQuery(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $other = $user->pieces()->where('kind', PieceKind::Flash)->whereKeyNot($moment->flash_id)->firstOrFail();
        $stored = $this->draftOf($moment);
        $changed = $this->draftOf($moment, ['flashId' => $other->id]);
        $this->actingAs($user);
        self::assertSame(1, $this->counted(fn() => $this->postJson("/moments/{$moment->id}/solve", $stored)->assertOk()));
        self::assertSame(2, $this->counted(fn() => $this->postJson("/moments/{$moment->id}/solve", $changed)->assertOk()), 'another unit is looked up in the bag');
    }

    private function queries(string $path): int
    {
        return $this->counted(fn() => $this->get($path)->assertOk());
    }

    /** @param \Closure(): mixed $do */
    private function counted(\Closure $do): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $do();

        return count(DB::getQueryLog());
    }

    private function grow(User $user, Venue $venue): void
    {
        for ($i = 0; $i < 5; ++$i) {
            $piece = $user->pieces()->skip($i)->firstOrFail();
            $user->pieces()->save(new Piece(['kind' => $piece->kind, 'data' => $piece->data]));
            $room = Room::ofKind(RoomKind::Gallery, "Room $i")->fill(['readings' => array_fill(0, 5, ['spot' => 'x', 'at' => '2027-05-08T20:00', 'kind' => 'frame', 'ev' => 4])]);
            $room->venue()->associate($venue);
            $user->rooms()->save($room);
            $user->venues()->save(new Venue(['name' => "Place $i", 'zone' => 'UTC', 'latitude' => 0.0, 'longitude' => 0.0]));
            StarterNight::store($user, new Night(['name' => "Night $i", 'held_on' => '2027-05-09']), $venue, null);
        }
    }
}
