<?php

declare(strict_types=1);

namespace Tests\Feature\Moments;

use App\Models\Moment;
use App\Models\Piece;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Inertia\Testing\AssertableInertia;
use Kaddle\Core\Gear\PieceKind;
use Tests\TestCase;

/** The colours of a moment, by its room's curve and the gels of the bag. */
final class ColourOfMomentTest extends TestCase
{
    public function testTheCurveTellsTheColourUnlessSomebodyDoes(): void
    {
        $this->seed(DatabaseSeeder::class);
        $this->actingAs(User::query()->firstOrFail());
        $speeches = Moment::query()->where('name', 'Speeches')->firstOrFail();
        $curve = sprintf('%d K', 10 * (int) round($speeches->load(Moment::WHOLE)->curvePoint()->colour->kelvin / 10.0));
        $draft = $this->draftOf($speeches, ['startsAt' => $speeches->clock()]);
        foreach ([[$curve, []], ['3400 K', ['roomKelvin' => 3400]]] as [$light, $changes]) {
            $this->postJson("/moments/$speeches->id/colour", $changes + $draft)->assertOk()
                ->assertJsonPath('patches.3.name', 'Room’s light')
                ->assertJsonPath('patches.3.light', static fn(string $told): bool => str_starts_with($told, $light));
        }
    }

    public function testAWishIsKeptAsWhiteBalanceAndTellsTheGelOfTheBag(): void
    {
        $this->seed(DatabaseSeeder::class);
        $this->actingAs(User::query()->firstOrFail());
        $speeches = Moment::query()->where('name', 'Speeches')->firstOrFail();
        $plans = array_column((array) $this->postJson("/moments/$speeches->id/colour", $this->draftOf($speeches))->assertOk()->json('plans'), null, 'wish');
        self::assertSame(['neutral-face', 'match-room', 'warm-room', 'cool-night'], array_keys($plans));
        self::assertTrue(Piece::query()->where('kind', PieceKind::Gel)->where('id', data_get($plans, 'match-room.gel'))->exists());
        self::assertStringContainsString('range, body at', json_encode(data_get($plans, 'match-room.sentence'), JSON_THROW_ON_ERROR));
        $draft = $this->draftOf($speeches, ['look.balance' => data_get($plans, 'match-room.balance')]);
        $this->putJson("/moments/$speeches->id", $draft)->assertOk();
        self::assertEquals(data_get($plans, 'match-room.balance'), $speeches->refresh()->settings->record('look')->number('balance'));
        $this->postJson("/moments/$speeches->id/colour", ['look' => ['balance' => 900] + (array) $draft['look']] + $draft)->assertJsonValidationErrors('look.balance');
    }

    public function testWhereLightOnPeopleWasReadTheBenchOffersIt(): void
    {
        $this->seed(DatabaseSeeder::class);
        $this->actingAs(User::query()->firstOrFail());
        $moment = Moment::query()->where('name', 'Speeches')->with('room')->firstOrFail();
        $this->get("/moments/$moment->id")->assertInertia(static fn(AssertableInertia $page): AssertableInertia => $page->where('bench.spots.0.spot', 'Top table')->etc());
        $at = ['spot' => 'Lectern', 'at' => '2027-09-18T21:00', 'kind' => 'frame'];
        $moment->room->update(['readings' => [['ev' => 2.5, 'of' => 'people'] + $at, ['ev' => 4.5, 'of' => 'behind'] + $at]]);
        $this->get("/moments/$moment->id")->assertInertia(static fn(AssertableInertia $page): AssertableInertia => $page
            ->where('bench.spots.0.over', -2)
            ->where('bench.spots.0.sentence', 'Lectern: faces 2 stops under what is behind, give or take 0.7 stops, from 2 readings')->etc());
        $this->putJson("/rooms/{$moment->room->id}", ['revision' => $moment->room->revision, 'readings' => [['of' => 'nobody'] + $at]])->assertJsonValidationErrors('readings.0.of');
    }
}
