<?php

declare(strict_types=1);

namespace Tests\Feature\Moments;

use App\Models\Moment;
use App\Planning\DraftForm;
use App\Types\FormTypes;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class BenchTest extends TestCase
{
    public function testThePageTheSolveRouteAndTheShellDocumentAgree(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user);
        $solved = $this->postJson("/moments/{$moment->id}/solve", $this->draftOf($moment))->assertOk()->json();
        $document = $this->get("/moments/{$moment->id}/document")->assertOk()->getContent();
        $shell = SolutionDocument::of(MomentSolver::solve(MomentReader::fromJson((string) $document)), Voice::plain());
        self::assertEquals(json_decode(json_encode($shell, JSON_THROW_ON_ERROR), true), $solved);
        $this->get("/moments/{$moment->id}")->assertInertia(static fn(AssertableInertia $page) => $page
            ->where('bench.solution.iso.label', $shell->iso->label)
            ->where('bench.solution.output.label', $shell->output->label));
    }

    public function testSolvingStoresNothing(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $before = DB::table('moments')->get()->all();
        $this->actingAs($user)->postJson("/moments/{$moment->id}/solve", $this->draftOf($moment, ['subject.distance' => 5]))->assertOk();
        self::assertEquals($before, DB::table('moments')->get()->all());
    }

    public function testSavesEverythingAndReadsItBack(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $piece = static fn(string $name): int => $user->pieces()->where('name', $name)->firstOrFail()->id;
        $draft = $this->draftOf($moment, [
            'name' => 'Speeches',
            'startsAt' => '20:15',
            'room.height' => 3.3,
            'room.finishes.far' => 'red-brick',
            'room.roof' => ['ridge' => 5.5, 'runs' => 'across'],
            'outfit' => ['units' => 2, 'modifierId' => $piece('Frosted dome'), 'gelId' => $piece('Half orange'), 'gelled' => 1, 'otherGelId' => $piece('Quarter orange')],
            'subject.distance' => 4.2,
            'look' => ['roomUnder' => 2, 'aperture' => 'f/2.8', 'locks' => ['shutter' => '1/100', 'aperture' => null, 'iso' => null]],
            'glow' => ['ev' => null, 'metered' => ['shutter' => '1/60', 'aperture' => 'f/2.8', 'iso' => '3200']],
            'head' => 'up-back',
            'lensId' => $piece('Standard zoom'),
            'focalLength' => 50,
        ]);
        $this->actingAs($user)->putJson("/moments/{$moment->id}", $draft)->assertOk()->assertJson(['canUndo' => true, 'canRedo' => false]);
        $this->get("/moments/{$moment->id}")->assertInertia(static fn(AssertableInertia $page) => $page
            ->where('bench.stored.draft.name', 'Speeches')
            ->where('bench.stored.draft.startsAt', '20:15')
            ->where('bench.stored.draft.room.roof', ['ridge' => 5.5, 'runs' => 'across'])
            ->where('bench.stored.draft.outfit', ['units' => 2, 'modifierId' => $piece('Frosted dome'), 'gelId' => $piece('Half orange'), 'gelled' => 1, 'otherGelId' => $piece('Quarter orange')])
            ->where('bench.stored.draft.room.height', 3.3)
            ->where('bench.stored.draft.room.finishes.far', 'red-brick')
            ->where('bench.stored.draft.subject.distance', 4.2)
            ->where('bench.stored.draft.look.aperture', 'f/2.8')
            ->where('bench.stored.draft.look.locks', ['shutter' => '1/100', 'aperture' => null, 'iso' => null])
            ->where('bench.solution.shutter.label', '1/100')
            ->where('bench.stored.draft.glow.ev', null)
            ->where('bench.stored.draft.glow.metered.shutter', '1/60')
            ->where('bench.stored.draft.head', 'up-back')
            ->where('bench.stored.draft.lensId', $piece('Standard zoom'))
            ->where('bench.stored.draft.focalLength', 50));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function lightsToKeep(): iterable
    {
        yield 'told as EV' => [['what' => 'window', 'ev' => 8.5, 'metered' => null]];
        yield 'told as metered' => [['what' => 'window', 'ev' => null, 'metered' => ['shutter' => '1/250', 'aperture' => 'f/4', 'iso' => '800']]];
    }

    /** @param array<string, mixed> $keep */
    #[DataProvider('lightsToKeep')]
    public function testSavesSchoolLightAnglesAndHelp(array $keep): void
    {
        $moment = $this->momentOf($user = $this->person());
        $changes = [
            'look.school' => 'long-time', 'look.keep' => $keep, 'look.fill' => 1, 'look.nd' => 3,
            'head' => 'by-hand', 'pointing' => ['turn' => -60, 'tilt' => 45], 'zoom' => 50, 'dialled' => ['body' => -1, 'exposure' => 1],
        ];
        $this->actingAs($user)->putJson("/moments/{$moment->id}", $this->draftOf($moment, $changes))->assertOk();
        $this->get("/moments/{$moment->id}")->assertInertia(static function (AssertableInertia $page) use ($changes): void {
            foreach ($changes as $path => $value) {
                $page->where("bench.stored.draft.$path", $value);
            }
            $page->where('bench.solution.head.instruction', 'turn 60° right, tilt 45°')->where('bench.solution.zoom', 50);
        });
    }

    public function testTheDrawingGetsWhatGlows(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $moment->room->update([
            'windows' => [['name' => 'Panes', 'share' => 1.0, 'wall' => 'far']],
            'lamps' => [['name' => 'Lanterns', 'lux' => 40.0, 'kelvin' => 2700.0, 'hangs' => 2.5, 'states' => [['from' => '17:00', 'level' => 50.0]]]],
        ]);
        $this->actingAs($user)->getJson("/moments/{$moment->id}/state")
            ->assertJsonPath('scenery.lamps.0', ['name' => 'Lanterns', 'lux' => 20, 'level' => 0.5, 'hangs' => 2.5])
            ->assertJsonPath('scenery.windows.0.wall', 'far');
    }

    public function testRefusesAnotherPersonsGear(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $strange = $this->momentOf($this->person('Stranger'));
        $this->actingAs($user)
            ->postJson("/moments/{$moment->id}/solve", $this->draftOf($moment, ['bodyId' => $strange->body_id]))
            ->assertJsonValidationErrors(['bodyId' => 'Choose one from your bag.']);
    }

    public function testAMegabyteIsTooLong(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user)
            ->postJson("/moments/{$moment->id}/solve", $this->draftOf($moment, ['name' => str_repeat('a', 1_000_000)]))
            ->assertStatus(413)
            ->assertJson(['message' => 'The request is too long: at most 65536 bytes.']);
    }

    public function testAnImpossibleMomentIsAnAnswerWithItsStops(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user)
            ->postJson("/moments/{$moment->id}/solve", $this->draftOf($moment, ['glow' => ['ev' => -6]]))
            ->assertOk()
            ->assertJson(['feasible' => false, 'shortfalls' => [['kind' => 'room-too-dark']]]);
    }

    public function testTellsWhatAnotherDistanceCosts(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user)
            ->postJson("/moments/{$moment->id}/costs", $this->draftOf($moment, ['head' => 'up']))
            ->assertOk()
            ->assertJson(['aim' => 'up', 'distances' => [['value' => 1.5], ['value' => 2.12], ['value' => 3, 'clicks' => 0]]]);
    }

    public function testTellsWhoCouldSetTheOutputAndHowItDrifts(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $moment->update(['plan' => ['clothing' => 'white', 'behind' => 'window']]);
        $this->actingAs($user)
            ->postJson("/moments/{$moment->id}/ways", $this->draftOf($moment))
            ->assertOk()
            ->assertJson(['reaches' => true, 'drift' => [['label' => 'as planned'], ['label' => 'a white dress in front']]])
            ->assertJsonPath('error', static fn(mixed $error): bool => $error < 0);
        $this->postJson("/moments/{$moment->id}/ways", $this->draftOf($moment, ['subject.distance' => -1]))->assertJsonValidationErrors('subject.distance');
    }

    /** Moments share a room: shrinking it may not leave another one standing in a wall. */
    public function testARoomMayNotShrinkUnderAnotherMoment(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user)->post("/nights/{$moment->night_id}/moments");
        $other = Moment::query()->latest('id')->firstOrFail();
        $other->update(['settings' => self::settingsOf($other, ['subject.distance' => 9.0]), 'name' => 'Far group']);
        $this->putJson("/moments/{$moment->id}", $this->draftOf($moment, ['room.length' => 9]))
            ->assertJsonValidationErrors(['room.length' => '“Far group” takes place in the same room']);
        self::assertSame(14.0, $moment->room->length_m);
    }

    #[DataProvider('routes')]
    public function testAnotherPersonsNightDoesNotExist(string $method, string $path): void
    {
        $moment = $this->momentOf($this->person());
        $path = str_replace(['NIGHT', 'MOMENT'], [(string) $moment->night_id, (string) $moment->id], $path);
        $this->actingAs($this->person('Stranger'));
        $this->call($method, $path, $this->draftOf($moment))->assertNotFound();
        self::assertSame(1, Moment::query()->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function routes(): iterable
    {
        yield 'see the night' => ['GET', '/nights/NIGHT'];
        yield 'delete the night' => ['DELETE', '/nights/NIGHT'];
        yield 'add a moment' => ['POST', '/nights/NIGHT/moments'];
        yield 'see the bench' => ['GET', '/moments/MOMENT'];
        yield 'save' => ['PUT', '/moments/MOMENT'];
        yield 'delete the moment' => ['DELETE', '/moments/MOMENT'];
        yield 'solve' => ['POST', '/moments/MOMENT/solve'];
        yield 'costs' => ['POST', '/moments/MOMENT/costs'];
        yield 'colour' => ['POST', '/moments/MOMENT/colour'];
        yield 'picture' => ['POST', '/moments/MOMENT/picture'];
        yield 'settings and picture' => ['POST', '/moments/MOMENT/pictured'];
        yield 'drag' => ['POST', '/moments/MOMENT/drag'];
        yield 'ask' => ['POST', '/moments/MOMENT/ask'];
        yield 'ways' => ['POST', '/moments/MOMENT/ways'];
        yield 'state' => ['GET', '/moments/MOMENT/state'];
        yield 'undo' => ['POST', '/moments/MOMENT/undo'];
        yield 'redo' => ['POST', '/moments/MOMENT/redo'];
        yield 'download' => ['GET', '/moments/MOMENT/document'];
    }

    /** The database refuses what the core refuses, even from a hand at the SQL prompt. */
    #[DataProvider('guardedColumns')]
    public function testTheDatabaseKeepsTheSameLimitsOfRooms(string $field, string $column): void
    {
        $this->momentOf($this->person());
        [$least, $most] = self::ends($field);
        DB::table('rooms')->update([$column => $least]);
        DB::table('rooms')->update([$column => $most]);
        $this->expectException(QueryException::class);
        DB::table('rooms')->update([$column => $most + 0.01]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function guardedColumns(): iterable
    {
        yield 'room length' => ['room.length', 'length_m'];
        yield 'room width' => ['room.width', 'width_m'];
        yield 'ceiling' => ['room.height', 'height_m'];
    }

    #[DataProvider('guardedSettings')]
    public function testTheDatabaseKeepsTheSameLimitsOfSettings(string $field): void
    {
        $this->momentOf($this->person());
        [$least, $most] = self::ends($field);
        $store = static fn(float $value): int => DB::update('update moments set settings = jsonb_set(jsonb_set(settings, ?, ?, true), ?, ?, true)', [
            '{dialled}', '{"body": 0.0, "exposure": 0.0}', '{' . str_replace('.', ',', $field) . '}', json_encode($value, JSON_THROW_ON_ERROR),
        ]);
        self::assertSame([1, 1], [$store($least), $store($most)]);
        $this->expectException(QueryException::class);
        $store($most + 0.01);
    }

    /** @return iterable<string, array{string}> */
    public static function guardedSettings(): iterable
    {
        foreach (['camera.fromBackWall', 'camera.height', 'subject.distance', 'subject.height', 'glow.ev', 'look.roomUnder', 'focalLength', 'look.fill', 'look.nd', 'zoom', 'dialled.body', 'dialled.exposure'] as $field) {
            yield $field => [$field];
        }
    }

    /** @return array{float, float} least and most of a field of the bench */
    private static function ends(string $field): array
    {
        $told = FormTypes::fields(DraftForm::shape())[$field];

        return is_float($told['min']) && is_float($told['max']) ? [$told['min'], $told['max']] : self::fail("no range of $field");
    }
}
