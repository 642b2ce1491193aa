<?php

declare(strict_types=1);

namespace Tests\Feature\Moments;

use App\Models\Moment;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Changes on the bench are taken back and made again, and no page overwrites what it has not seen. */
final class HistoryTest extends TestCase
{
    public function testEveryChangeIsTakenBackAndMadeAgain(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user);
        foreach ([4.0, 5.0] as $distance) {
            $this->putJson("/moments/{$moment->id}", $this->draftOf($moment, ['subject.distance' => $distance, 'room.height' => $distance]))->assertOk();
        }
        foreach ([['undo', 4, true, true], ['undo', 3, false, true], ['redo', 4, true, true], ['redo', 5, true, false], ['undo', 4, true, true]] as [$what, $distance, $canUndo, $canRedo]) {
            $this->postJson("/moments/{$moment->id}/$what", ['revision' => $this->draftOf($moment)['revision']])
                ->assertOk()
                ->assertJson(['draft' => ['subject' => ['distance' => $distance]], 'canUndo' => $canUndo, 'canRedo' => $canRedo]);
        }
        self::assertSame(4.0, $moment->refresh()->room->height_m, 'the room goes along');
        $this->putJson("/moments/{$moment->id}", $this->draftOf($moment, ['subject.distance' => 6]))->assertJson(['canRedo' => false]);
        $this->postJson("/moments/{$moment->id}/redo", ['revision' => $this->draftOf($moment)['revision']])->assertJsonValidationErrors(['page' => 'nothing to make again']);
    }

    /** Two moments share a room: what one takes back leaves alone what the other has changed there since. */
    public function testAStepTakesBackOnlyWhatItChanged(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user)->post("/nights/{$moment->night_id}/moments");
        $other = Moment::query()->latest('id')->firstOrFail();
        $this->putJson("/moments/{$moment->id}", $this->draftOf($moment, ['subject.distance' => 4]))->assertOk();
        $this->putJson("/moments/{$other->id}", $this->draftOf($other, ['room.height' => 3.5]))->assertOk();
        $this->postJson("/moments/{$moment->id}/undo", ['revision' => $this->draftOf($moment)['revision']])->assertOk();
        self::assertSame([3.0, 3.5], [$moment->refresh()->distance(), $moment->room->refresh()->height_m]);
    }

    /** Steps of another room must not be written over the one that a moment has moved to. */
    public function testAMoveToAnotherRoomEndsTheHistory(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user)->putJson("/moments/{$moment->id}", $this->draftOf($moment, ['room.height' => 3.5]))->assertOk();
        $this->post("/places/{$moment->night->venue_id}/rooms", ['kind' => 'gallery']);
        $gallery = $user->rooms()->latest('id')->firstOrFail();
        $this->put("/moments/{$moment->id}/plan", ['name' => 'Supper', 'starts' => '19:30', 'minutes' => 20, 'roomId' => $gallery->id, 'revision' => $moment->refresh()->revision])->assertSessionHasNoErrors();
        $this->getJson("/moments/{$moment->id}/state")->assertJson(['canUndo' => false]);
        $this->postJson("/moments/{$moment->id}/undo", ['revision' => $this->draftOf($moment)['revision']])->assertJsonValidationErrors('page');
        self::assertSame(4.5, $gallery->refresh()->height_m);
    }

    /** Plan and room are forms of their own; what they show may be older than what the bench has stored. */
    public function testAPlanOrARoomFromAnOldPageIsRefusedAndKeptForAnotherTry(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $plan = ['name' => 'Vows', 'starts' => '18:00', 'minutes' => 20, 'roomId' => $moment->room_id, 'revision' => $moment->revision];
        $room = ['revision' => $moment->room->revision, 'height' => 5.0] + array_diff_key($moment->room->wholeDocument(), ['uid' => null]);
        $this->actingAs($user)->putJson("/moments/{$moment->id}", $this->draftOf($moment, ['name' => 'Toast', 'room.height' => 3.5]))->assertOk();
        foreach (["/moments/{$moment->id}/plan" => $plan, "/rooms/{$moment->room_id}" => $room] as $path => $old) {
            $this->put($path, $old)->assertSessionHasErrors('page');
            self::assertStringStartsWith('This was changed elsewhere', $this->sentenceFor('page'));
            self::assertSame(['Toast', 3.5], [$moment->refresh()->name, $moment->room->height_m]);
            $this->put($path, ['revision' => str_contains($path, 'plan') ? $moment->revision : $moment->room->revision] + $old)->assertSessionHasNoErrors();
            $moment->refresh()->update(['name' => 'Toast']);
            $moment->room->update(['height_m' => 3.5]);
        }
    }

    public function testSavingWhatIsStoredIsNoChange(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user)->putJson("/moments/{$moment->id}", $this->draftOf($moment))->assertJson(['revision' => '0.0', 'canUndo' => false]);
    }

    /** Two tabs: the older one is told, and overwrites nothing. */
    public function testAChangeFromAnOldPageIsRefused(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $old = $this->draftOf($moment, ['subject.distance' => 4.5]);
        $this->actingAs($user)->putJson("/moments/{$moment->id}", $this->draftOf($moment, ['subject.distance' => 4]))->assertOk();
        $this->putJson("/moments/{$moment->id}", $old)->assertConflict()->assertJson(['message' => 'This moment or its room was changed in another tab since you opened it here.']);
        $this->postJson("/moments/{$moment->id}/undo", ['revision' => $old['revision']])->assertConflict();
        foreach ([[], ['revision' => ['0.0']], ['revision' => ['a' => 1]], ['revision' => true]] as $none) {
            $this->postJson("/moments/{$moment->id}/undo", $none)->assertUnprocessable()->assertJsonValidationErrors('revision');
        }
        $this->getJson("/moments/{$moment->id}/state")->assertJson(['draft' => ['subject' => ['distance' => 4]]]);
        $moment->room->refresh()->update(['height_m' => 4.0]);
        $this->putJson("/moments/{$moment->id}", ['revision' => '1.0'] + $old)->assertConflict();
        self::assertSame(4.0, $moment->refresh()->distance());
    }

    public function testAStepThatNoLongerFitsIsRefused(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $moment->update(['settings' => self::settingsOf($moment, ['subject.distance' => 9.0])]);
        $this->actingAs($user)->putJson("/moments/{$moment->id}", $this->draftOf($moment, ['subject.distance' => 2]))->assertOk();
        DB::table('moment_steps')->update(['moment' => DB::raw("jsonb_set(moment, '{settings,subject.distance}', '60')")]);
        $this->postJson("/moments/{$moment->id}/undo", ['revision' => $this->draftOf($moment)['revision']])->assertJsonValidationErrors(['page' => 'not possible any more']);
        self::assertSame(2.0, $moment->refresh()->distance());
    }
}
