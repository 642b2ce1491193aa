<?php

declare(strict_types=1);

namespace Tests\Feature\Nights;

use App\Models\Moment;
use App\Models\Night;
use App\Models\User;
use App\Planning\NightBars;
use App\Planning\NightKit;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Night\NightTemplate;
use Kaddle\Core\Night\TemplateMoment;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Tolerance;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The night on paper: patterns, timetable, kit check, energy. */
final class PaperTest extends TestCase
{
    #[DataProvider('templates')]
    public function testAPatternFillsANightThatCanBeReckonedWith(NightTemplate $template): void
    {
        $night = $this->nightOf($this->person(), $template);
        self::assertCount(count($template->moments()), $night->moments);
        $this->get("/nights/{$night->id}/timetable")->assertOk()->assertInertia(static fn(AssertableInertia $page) => $page
            ->where('timetable.rows.0.bars', null)
            ->loadDeferredProps(static fn(AssertableInertia $later) => $later
                ->has('solved.rows', count($template->moments()))
                ->where('solved.rows', static fn(Collection $rows): bool => $rows->every(static fn(mixed $row): bool => data_get($row, 'bars.0.from') === data_get($row, 'startsAt')))));
        $columns = array_filter($template->moments(), static fn(TemplateMoment $m): bool => $m->withoutFlash) === [] ? 6 : 9;
        $this->get("/nights/{$night->id}/kit")->assertOk()->assertInertia(static fn(AssertableInertia $page) => $page->has('kit.ways', $columns)->has('kit.rows', count($template->moments())));
    }

    /** @return iterable<string, array{NightTemplate}> */
    public static function templates(): iterable
    {
        foreach (NightTemplate::cases() as $template) {
            yield $template->value => [$template];
        }
    }

    public function testTheNightEndsInTheMorning(): void
    {
        $night = $this->nightOf($this->person(), NightTemplate::ClubNight);
        $this->get("/nights/{$night->id}/timetable")->assertInertia(static fn(AssertableInertia $page) => $page
            ->where('timetable.rows.0.startsAt', '22:00')
            ->where('timetable.rows.11.startsAt', '03:15')
            ->where('timetable.rows.5.gap', 0));
    }

    public function testAMomentThatIsLeftOutHasNoSettings(): void
    {
        $night = $this->nightOf($this->person(), NightTemplate::EveningWedding);
        $moment = $night->moments()->firstOrFail();
        $moment->update(['plan' => ['skipped' => true] + $moment->plan->toArray()]);
        $this->get("/nights/{$night->id}/timetable")->assertInertia(static fn(AssertableInertia $page) => $page
            ->where('timetable.rows.0.skipped', true)
            ->loadDeferredProps(static fn(AssertableInertia $later) => $later
                ->where('solved.rows.0.bars', [])
                ->where('solved.rows.1.bars.0.name', $night->wholeMoments()[1]?->name)));
    }

    public function testTheKitCheckIsKeptUntilTheBagChanges(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $kit = NightKit::of($user, $moment->night->wholeMoments())->for($moment);
        self::assertEquals($kit, NightKit::of($user, $moment->night->wholeMoments(), 0)->for($moment));
        $moment->room->update(['height_m' => 6.0]);
        self::assertSame(1, NightKit::of($user, $moment->night->fresh()?->wholeMoments() ?? self::fail('gone'), 0)->pending);
        $moment->lens->update(['archived_at' => now()]);
        self::assertSame(1, NightKit::of($user, $moment->night->wholeMoments(), 0)->pending);
    }

    public function testMomentsAreMovedAndOverlapsShown(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user)->post("/nights/{$moment->night_id}/moments");
        $this->put("/moments/{$moment->id}/time", ['starts' => '20:10'])->assertRedirect("/nights/{$moment->night_id}/timetable");
        $this->get("/nights/{$moment->night_id}/timetable")->assertInertia(static fn(AssertableInertia $page) => $page
            ->where('timetable.rows.0.name', 'New moment')
            ->where('timetable.rows.1.startsAt', '20:10')
            ->where('timetable.rows.1.gap', -20));
        $this->put("/moments/{$moment->id}/time", ['starts' => '26:10'])->assertSessionHasErrors('starts');
        $this->put("/moments/{$moment->id}/time", ['starts' => '20:10', 'minutes' => 0])->assertSessionHasErrors('minutes');
        self::assertSame('20:10', $moment->refresh()->clock());
    }

    public function testWhatIsPlannedIsStoredAndToldWhereItMatters(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $moment->night->venue->update(['rules' => [['rule' => 'no-flash', 'from' => '19:00', 'to' => '20:00', 'note' => 'Vows']]]);
        $plan = ['name' => 'Vows', 'starts' => '19:30', 'minutes' => 20, 'movement' => 'walk', 'presence' => ['baby', 'flames'], 'framesPerMinute' => 25, 'nearest' => 0.8, 'farthest' => 4, 'notes' => "Ring\nshot", 'roomId' => $moment->room_id, 'revision' => $moment->revision];
        $this->actingAs($user)->put("/moments/{$moment->id}/plan", $plan)->assertSessionHasNoErrors();
        $this->get("/moments/{$moment->id}/plan")->assertInertia(static fn(AssertableInertia $page) => $page
            ->component('moments/Plan')
            ->where('values.notes', "Ring\nshot")
            ->where('values.minutes', 20));
        $this->get("/nights/{$moment->night_id}/timetable")->assertInertia(static fn(AssertableInertia $page) => $page
            ->where('timetable.rows.0.rules.0', '19:00–20:00 (Vows): No flash here now: set the room alone, and switch the unit off, not only down.')
            ->has('timetable.rows.0.cautions', 5));
        $this->get("/moments/{$moment->id}")->assertInertia(static fn(AssertableInertia $page) => $page->has('bench.rules', 1)->has('bench.cautions', 5));
        $this->get("/nights/{$moment->night_id}/energy")->assertInertia(static fn(AssertableInertia $page) => $page->loadDeferredProps(static fn(AssertableInertia $energy) => $energy
            ->where('energy.units.0.rows.0.pops', 0)
            ->where('energy.units.0.rows.0.pause', null)));
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('badPlans')]
    public function testRefusesAPlanByFieldAndStoresNothing(array $changes, string $field, string $sentence): void
    {
        $moment = $this->momentOf($user = $this->person());
        $before = DB::table('moments')->get()->all();
        $this->actingAs($user)->put("/moments/{$moment->id}/plan", $changes + ['name' => 'x', 'starts' => '19:30', 'minutes' => 20, 'roomId' => $moment->room_id, 'revision' => $moment->revision])->assertSessionHasErrors($field);
        self::assertStringContainsString($sentence, $this->sentenceFor($field));
        self::assertEquals($before, DB::table('moments')->get()->all());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function badPlans(): iterable
    {
        yield 'no name' => [['name' => ''], 'name', 'must not be empty'];
        yield 'no length' => [['minutes' => 0.5], 'minutes', '1 to 720 min'];
        yield 'half minutes' => [['minutes' => 20.5], 'minutes', 'whole number'];
        yield 'far nearer than near' => [['nearest' => 4, 'farthest' => 2], 'farthest', 'must not stand nearer'];
        yield 'a movement nobody makes' => [['movement' => 'fly'], 'movement', 'must be one of'];
        yield 'markup' => [['notes' => '<script>'], 'notes', 'plain text'];
        yield 'no room' => [['roomId' => null], 'roomId', 'Choose a room of the venue'];
        yield 'a room of nobody' => [['roomId' => 999_999], 'roomId', 'Choose a room of the venue'];
        yield 'light in the plan' => [['glow' => ['ev' => 3]], 'glow', 'is not a field here'];
    }

    public function testAMomentMovesOnlyIntoARoomThatHoldsIt(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user)->post("/places/{$moment->night->venue_id}/rooms", ['kind' => 'marquee']);
        $small = $user->rooms()->latest('id')->firstOrFail();
        $small->update(['length_m' => 5.0, 'name' => 'Tent']);
        $plan = ['name' => 'x', 'starts' => '19:30', 'minutes' => 20, 'roomId' => $small->id, 'revision' => $moment->revision];
        $this->put("/moments/{$moment->id}/plan", $plan)->assertSessionHasErrors('roomId');
        self::assertStringContainsString('It does not fit into “Tent”', $this->sentenceFor('roomId'));
        $small->update(['length_m' => 18.0]);
        $this->put("/moments/{$moment->id}/plan", $plan)->assertSessionHasNoErrors();
        self::assertSame($small->id, $moment->refresh()->room_id);
    }

    public function testACopyOnAnotherDateTakesTheSunAlong(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $moment->room->update(['windows' => [['name' => 'West', 'share' => 2]]]);
        $moment->update(['settings' => self::settingsOf($moment, ['glow.ev' => null, 'glow.curve' => true, 'stands' => [['shutter' => '1/60', 'aperture' => 'f/4', 'iso' => '800', 'lens' => 'Fast 35']]]), 'starts_at' => '21:00']);
        self::assertTrue($moment->refresh()->settings->has('stands'));
        $this->actingAs($user)->post("/nights/{$moment->night_id}/copy", ['name' => 'In winter', 'heldOn' => '2027-12-11'])->assertSessionHasNoErrors();
        $copy = Night::query()->latest('id')->firstOrFail();
        $twin = $copy->wholeMoments()->firstOrFail();
        self::assertSame('2027-12-11', $copy->held_on->toDateString());
        self::assertNotSame($moment->uid, $twin->uid);
        self::assertFalse($twin->settings->has('stands'), 'by another sun it is solved anew');
        self::assertGreaterThan($twin->glow() + 0.5, $moment->fresh(Moment::WHOLE)?->glow(), 'May evenings are brighter');
        $this->post("/nights/{$moment->night_id}/copy", ['name' => 'x', 'heldOn' => 'soon'])->assertSessionHasErrors('heldOn');
        $this->put("/nights/{$copy->id}", ['name' => 'Later', 'heldOn' => '2028-01-02'])->assertSessionHasNoErrors();
        self::assertSame('Later', $copy->refresh()->name);
    }

    /** Sheet and bench answer the same question in two ways; they may not contradict each other. */
    public function testTheKitCheckAgreesWithTheSolver(): void
    {
        $this->seed(DatabaseSeeder::class);
        $user = User::query()->firstOrFail();
        foreach (Night::query()->get() as $night) {
            $moments = $night->wholeMoments();
            $kit = NightKit::of($user, $moments, 99);
            foreach ($moments as $moment) {
                self::assertSame(MomentSolver::solve(MomentReader::fromArray($moment->document()))->isFeasible(), $kit->for($moment)?->margin() >= -Tolerance::ROUNDING, $moment->name);
            }
        }
    }

    /** Ten minutes at three frames a minute are thirty pops of the score's share; two a minute where nobody said anything. */
    public function testAnEnergyPlanTakesTheShareOfTheScore(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user);
        $moment->update(['minutes' => 10]);
        foreach ([[[], 20.0], [['framesPerMinute' => 3], 30.0]] as [$plan, $pops]) {
            $moment->update(['plan' => $plan]);
            $share = NightSolver::solve(NightBars::of(Night::query()->findOrFail($moment->night_id)->wholeMoments()), Favour::FewestTurns)->shares()[$moment->uid];
            self::assertGreaterThan(0.0, $share);
            self::assertLessThan(1.0, $share);
            $this->get("/nights/{$moment->night_id}/energy")->assertInertia(static fn(AssertableInertia $page) => $page->loadDeferredProps(static fn(AssertableInertia $energy) => $energy
                ->where('energy.units.0.rows.0.pops', static fn(mixed $told): bool => is_numeric($told) && (float) $told === $pops)
                ->where('energy.units.0.rows.0.energy', static fn(mixed $told): bool => is_numeric($told) && abs($told - $pops * $share) < 0.05)));
        }
    }

    public function testAnEnergyPlanCountsTheSetsInTheBag(): void
    {
        $this->seed(DatabaseSeeder::class);
        $this->actingAs(User::query()->firstOrFail());
        $this->get('/nights/' . Night::query()->oldest('id')->firstOrFail()->id . '/energy')->assertInertia(static fn(AssertableInertia $page) => $page
            ->component('nights/Energy')
            ->loadDeferredProps(static fn(AssertableInertia $energy) => $energy
                ->where('energy.units.0.battery', 'rechargeable NiMH cells')
                ->where('energy.units.0.has', '12 cells')
                ->where('energy.units.0.rows.4.pause', null)));
    }

    #[DataProvider('routes')]
    public function testAnotherPersonsSheetsDoNotExist(string $method, string $path): void
    {
        $moment = $this->momentOf($this->person());
        $path = str_replace(['NIGHT', 'MOMENT'], [(string) $moment->night_id, (string) $moment->id], $path);
        $this->actingAs($this->person('Stranger'))->call($method, $path, ['name' => 'x', 'heldOn' => '2027-01-01', 'starts' => '10:00', 'minutes' => 5, 'roomId' => $moment->room_id, 'revision' => $moment->revision])->assertNotFound();
        self::assertSame(['A wedding', 'Supper', 1], [Night::query()->value('name'), Moment::query()->value('name'), Night::query()->count()]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function routes(): iterable
    {
        yield 'rename' => ['PUT', '/nights/NIGHT'];
        yield 'copy' => ['POST', '/nights/NIGHT/copy'];
        yield 'kit' => ['GET', '/nights/NIGHT/kit'];
        yield 'energy' => ['GET', '/nights/NIGHT/energy'];
        yield 'document' => ['GET', '/nights/NIGHT/document'];
        yield 'calendar' => ['GET', '/nights/NIGHT/calendar'];
        yield 'timetable' => ['GET', '/nights/NIGHT/timetable.csv'];
        yield 'kit as a table' => ['GET', '/nights/NIGHT/kit.csv'];
        yield 'energy as a table' => ['GET', '/nights/NIGHT/energy.csv'];
        yield 'plan' => ['GET', '/moments/MOMENT/plan'];
        yield 'change the plan' => ['PUT', '/moments/MOMENT/plan'];
        yield 'move' => ['PUT', '/moments/MOMENT/time'];
    }

    private function nightOf(User $user, NightTemplate $template): Night
    {
        $this->actingAs($user)->post('/nights', ['name' => 'A night', 'place' => 'A hall', 'heldOn' => '2027-06-12', 'zone' => 'Europe/Oslo', 'template' => $template->value])
            ->assertSessionHasNoErrors();

        return $user->nights()->firstOrFail();
    }
}
