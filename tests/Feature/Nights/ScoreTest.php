<?php

declare(strict_types=1);

namespace Tests\Feature\Nights;

use App\Models\Moment;
use App\Models\Night;
use App\Models\User;
use App\Starter\StarterNight;
use App\Starter\StarterVenue;
use Inertia\Testing\AssertableInertia;
use Kaddle\Core\Document\ScoreDocument;
use Kaddle\Core\Exchange\DocumentReader;
use Kaddle\Core\Exchange\NightBars;
use Kaddle\Core\Night\NightTemplate;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Words\Voice;
use Tests\TestCase;

/**
 * The night as a score.
 *
 * @phpstan-type TScore array{
 *     moments: list<array{id: int, uid: string, revision: string, held: list<string>, stays: bool, skipped: bool, from: int, until: int, points: list<array{at: int, tint: string|null}>, cautions: list<string>, readings: list<array{spot: string}>, gap: int|null}>,
 *     places: list<array<string, mixed>>,
 *     score: array{bars: list<array{moment: string, aperture: string, iso: string, held: string}>},
 *     other: array{sentence: string, places: list<array<string, mixed>>}|null,
 * }
 */
final class ScoreTest extends TestCase
{
    public function testThePageShowsWhatTheShellSaysOfTheExportedNight(): void
    {
        $night = $this->evening($this->person());
        foreach ([Favour::BestFiles, Favour::FewestTurns] as $favour) {
            $this->put("/nights/{$night->id}/favour", ['favour' => $favour->value])->assertRedirect("/nights/{$night->id}");
            $read = DocumentReader::fromJson((string) $this->get("/nights/{$night->id}/document")->assertOk()->getContent());
            self::assertSame($favour, $read->document->choice('favour', Favour::class));
            $told = ScoreDocument::of(NightSolver::solve(NightBars::of($read), $favour), Voice::plain());
            self::assertJsonStringEqualsJsonString(json_encode($told, JSON_THROW_ON_ERROR), json_encode($this->score($night)['score'], JSON_THROW_ON_ERROR));
        }
    }

    public function testWhatANightFavoursStaysAndComesBackWithItsDocument(): void
    {
        $night = $this->evening($this->person());
        $this->put("/nights/{$night->id}/favour", ['favour' => 'prettiest'])->assertSessionHasErrors('favour');
        $this->put("/nights/{$night->id}/favour", ['favour' => 'quick-flash'])->assertSessionHasNoErrors();
        $document = (string) $this->get("/nights/{$night->id}/document")->getContent();
        $other = $this->person('Other');
        $this->actingAs($other)->call('POST', '/import', [], [], [], ['CONTENT_TYPE' => 'application/json'], $document)->assertSessionHasNoErrors();
        self::assertSame(Favour::QuickFlash, $other->nights()->firstOrFail()->favour);
        $this->put("/nights/{$night->id}/favour", ['favour' => 'best-files'])->assertNotFound();
    }

    public function testAnotherScoreIsLaidOverAndToldInASentence(): void
    {
        $night = $this->evening($this->person());
        self::assertNull($this->score($night)['other']);
        self::assertNull($this->score($night, '?over=fewest-turns')['other'], 'the same over itself');
        $other = $this->score($night, '?over=best-files')['other'] ?? ['sentence' => '', 'places' => []];
        self::assertMatchesRegularExpression('/^\d+ turns more; .*ISO .* lower.*Rooms and faces move by at most 0\.\d stops?\.$/', $other['sentence']);
        $this->put("/nights/{$night->id}/favour", ['favour' => 'best-files']);
        self::assertSame($this->score($night)['places'], $other['places']);
    }

    public function testWhatTurnsOutOtherwiseIsShownKeptAndTakenBack(): void
    {
        $night = $this->evening($this->person());
        $planned = $this->score($night);
        $document = (string) $this->get("/nights/{$night->id}/document")->getContent();
        $dimmed = ['what' => 'dimmed', 'from' => '21:00', 'stops' => -1];

        $tried = $this->postJson("/nights/{$night->id}/change", $dimmed)->assertOk();
        self::assertSame('From 21:00 the light is 1 stop darker.', $tried->json('sentence'));
        self::assertSame($planned['places'], $tried->json('score.other.places'));
        self::assertNotSame($planned['score'], $tried->json('score.score'));
        self::assertSame($document, (string) $this->get("/nights/{$night->id}/document")->getContent(), 'nothing is stored');

        $this->put("/nights/{$night->id}/change", $dimmed)->assertRedirect("/nights/{$night->id}")->assertSessionHasNoErrors();
        $kept = $this->score($night);
        self::assertSame($tried->json('score.score'), $kept['score'], 'what was shown is what is kept');
        $past = array_values(array_filter($kept['moments'], static fn(array $m): bool => $m['stays']));
        self::assertNotSame([], $past, 'what comes before stays');
        self::assertSame(array_slice($planned['places'], 0, count($past)), array_slice($kept['places'], 0, count($past)));
        self::assertNotSame($planned['places'], $kept['places']);
        $this->delete("/nights/{$night->id}/change")->assertSessionHasNoErrors();
        self::assertSame($document, (string) $this->get("/nights/{$night->id}/document")->getContent());
        $this->delete("/nights/{$night->id}/change")->assertSessionHasErrors('page');

        $this->put("/nights/{$night->id}/change", ['keepsPast' => false] + $dimmed)->assertSessionHasNoErrors();
        self::assertSame([], array_filter($this->score($night)['moments'], static fn(array $m): bool => $m['stays']), 'unless it is not wished');
        $night->moments()->firstOrFail()->update(['minutes' => 11]);
        $this->delete("/nights/{$night->id}/change")->assertSessionHasErrors('page');
        self::assertSame(11, $night->moments()->firstOrFail()->minutes, 'nothing that came later is lost');
    }

    public function testAChangeThatDoesNotFitIsRefusedAndNothingIsStored(): void
    {
        $night = $this->evening($this->person());
        $first = $night->moments()->firstOrFail()->room;
        $small = $first->replicate(['uid', 'moments_count'])->fill(['name' => 'Cupboard', 'length_m' => 2.5, 'width_m' => 2.5]);
        $small->save();
        $document = (string) $this->get("/nights/{$night->id}/document")->getContent();
        foreach ([
            [['what' => 'moved', 'room' => $first->uid, 'to' => $small->uid], 'what'],
            [['what' => 'lens-gone', 'piece' => $first->uid, 'other' => $first->uid], 'piece'],
            [['what' => 'dimmed', 'stops' => 'NaN'], 'stops'],
            [['what' => 'no-flash', 'from' => '23:00', 'until' => '21:00'], 'until'],
        ] as [$change, $field]) {
            $this->postJson("/nights/{$night->id}/change", $change)->assertUnprocessable()->assertJsonValidationErrors($field);
            $this->put("/nights/{$night->id}/change", $change)->assertSessionHasErrors($field);
        }
        self::assertNull($night->refresh()->kept);
        self::assertSame($document, (string) $this->get("/nights/{$night->id}/document")->getContent());
        $this->actingAs($this->person('Other'));
        $this->postJson("/nights/{$night->id}/change", ['what' => 'no-flash'])->assertNotFound();
        $this->put("/nights/{$night->id}/change", ['what' => 'no-flash'])->assertNotFound();
        $this->delete("/nights/{$night->id}/change")->assertNotFound();
    }

    public function testWhatIsHeldStandsAndWhatIsLeftOutIsNotSolved(): void
    {
        $night = $this->evening($this->person());
        $score = $this->score($night);
        $first = $score['moments'][0];
        $this->put("/moments/{$first['id']}/hold", ['revision' => $first['revision'], 'iso' => '800', 'aperture' => 'f/4'])->assertRedirect("/nights/{$night->id}");
        $held = $this->score($night);
        $bars = $held['score']['bars'];
        self::assertSame(['f/4', 'ISO 800'], [$bars[0]['aperture'], $bars[0]['iso']]);
        self::assertSame(['aperture', 'iso'], $held['moments'][0]['held']);

        $this->put("/moments/{$first['id']}/hold", ['revision' => $first['revision']])->assertSessionHasErrors('page');
        $this->put("/moments/{$first['id']}/hold", ['revision' => $held['moments'][0]['revision'], 'aperture' => 'f/1'])->assertSessionHasErrors('page');
        $this->post("/moments/{$first['id']}/undo", ['revision' => $held['moments'][0]['revision']])->assertOk();
        self::assertSame($score['score'], $this->score($night)['score'], 'a step back on the bench lets them go');

        $this->put("/moments/{$first['id']}/hold", ['revision' => $this->score($night)['moments'][0]['revision'], 'lens' => true])->assertRedirect("/nights/{$night->id}");
        self::assertSame(['lens'], $this->score($night)['moments'][0]['held']);

        $this->put("/moments/{$first['id']}/hold", ['revision' => $this->score($night)['moments'][0]['revision'], 'all' => true])->assertSessionHasNoErrors();
        $all = $this->score($night);
        self::assertTrue($all['moments'][0]['stays']);
        self::assertSame('All of it is held, and serves.', $all['score']['bars'][0]['held']);
        self::assertSame($score['places'], $all['places']);
        $this->put("/moments/{$first['id']}/hold", ['revision' => $all['moments'][0]['revision']])->assertSessionHasNoErrors();
        self::assertSame($score['score'], $this->score($night)['score']);

        $moment = Moment::query()->whereKey($first['id'])->firstOrFail();
        $moment->update(['plan' => ['skipped' => true] + $moment->plan->toArray()]);
        $left = $this->score($night);
        self::assertTrue($left['moments'][0]['skipped']);
        self::assertNotContains($first['uid'], array_column($left['score']['bars'], 'moment'));
        $read = DocumentReader::fromJson((string) $this->get("/nights/{$night->id}/document")->getContent());
        self::assertCount(count($left['score']['bars']), NightBars::of($read));
    }

    public function testAMomentThatIsMovedByHandIsShownAsItWillBeKept(): void
    {
        $night = $this->evening($this->person());
        $moment = $night->moments()->where('name', 'Cake')->firstOrFail();
        $ask = fn(mixed $body) => $this->postJson("/nights/{$night->id}/slide", is_array($body) ? $body : []);
        $many = $ask(['moment' => $moment->id, 'starts' => ['16:30', $moment->clock(), '23:55']])->assertOk()->json();
        self::assertIsArray($many);
        self::assertSame(['16:30', '23:55'], [data_get($many[0], 'score.bars.0.from'), data_get($many[2], 'score.bars.' . (count((array) data_get($many[2], 'score.bars')) - 1) . '.from')]);
        $alone = $ask(['moment' => $moment->id, 'starts' => ['16:30']])->assertOk()->json('0');
        self::assertIsArray($alone);
        self::assertNotSame('16:30', $moment->refresh()->clock(), 'nothing is stored');
        $this->put("/moments/{$moment->id}/time", ['starts' => '16:30'])->assertSessionHasNoErrors();
        self::assertSame(data_get($alone, 'score'), $this->score($night)['score']);
        $ask(['moment' => 0, 'starts' => ['16:30']])->assertJsonValidationErrors('moment');
        $ask(['moment' => $moment->id, 'starts' => ['26:30']])->assertJsonValidationErrors('starts');
        $ask(['moment' => $moment->id, 'starts' => array_fill(0, 13, '16:30')])->assertJsonValidationErrors('starts');
    }

    public function testCautionsReadingsAndOverlapsStandWhereTheyBegin(): void
    {
        $night = $this->evening($this->person());
        [$first, $second] = $night->wholeMoments()->all();
        $first->room->update(['readings' => [['spot' => 'bar', 'at' => '2027-05-01T' . $first->clock(), 'kind' => 'incident', 'lux' => 80.0]]]);
        foreach ([$first, $second] as $moment) {
            $glow = ['glow' => ['curve' => true]] + $moment->settings->toArray();
            $moment->update(['settings' => $glow, 'plan' => ['presence' => ['flames']] + $moment->plan->toArray()]);
        }
        $second->update(['starts_at' => $first->starts_at]);
        [$one, $two] = $this->score($night)['moments'];
        self::assertStringStartsWith('Open flames', $one['cautions'][0] ?? '');
        self::assertSame([], array_values(array_filter($two['cautions'], static fn(string $c): bool => str_starts_with($c, 'Open flames'))), 'told once');
        self::assertSame([null, -$first->minutes], [$one['gap'], $two['gap']]);
        self::assertSame(['bar'], array_column($one['readings'], 'spot'));
        self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $one['points'][0]['tint'] ?? '');
    }

    public function testTheLightOfEveryMomentAndThePlacesOfEveryBarAreThere(): void
    {
        $night = $this->evening($this->person());
        $score = $this->score($night);
        self::assertCount($night->moments()->count(), $score['moments']);
        foreach ($score['moments'] as $moment) {
            self::assertSame([$moment['from'], $moment['until']], [$moment['points'][0]['at'], $moment['points'][4]['at']]);
        }
        self::assertCount(count($score['score']['bars']), $score['places']);
    }

    public function testANightWithoutMomentsAndAnUnknownFavourAreNoFault(): void
    {
        $night = $this->evening($this->person());
        foreach (['?over=prettiest', '?over[]=best-files', '?over='] as $query) {
            self::assertNull($this->score($night, $query)['other'], $query);
        }
        $night->moments()->delete();
        self::assertSame([], $this->score($night)['moments']);
    }

    public function testNobodyElseSeesIt(): void
    {
        $night = $this->evening($this->person());
        $this->actingAs($this->person('Other'))->get("/nights/{$night->id}")->assertNotFound();
    }

    private function evening(User $user): Night
    {
        $this->actingAs($user);
        $night = new Night(['name' => 'A wedding', 'held_on' => '2027-05-08']);
        StarterNight::store($user, $night, StarterVenue::store($user, 'A hall', 'Europe/Oslo', 'place'), NightTemplate::EveningWedding);

        return $night;
    }

    public function testThePageStandsBeforeTheScoreAndTheKitCheckTellsWhatThatLeaves(): void
    {
        $night = $this->evening($this->person());
        $bars = $this->score($night)['score']['bars'];
        $this->get("/nights/{$night->id}")->assertInertia(static fn(AssertableInertia $page) => $page->where('moments', $night->moments()->count())->missing('score'));
        $standings = $this->after("/nights/{$night->id}/kit", 'nights/Kit', 'standings');
        self::assertCount(count(array_unique(array_column($bars, 'moment'))), $standings);
        $first = $standings[0] ?? self::fail('none');
        self::assertIsArray($first);
        self::assertSame($night->moments()->firstOrFail()->id, $first['momentId']);
        self::assertMatchesRegularExpression('/^\d+(\.\d)? stops? of (output and \d+(\.\d)? of )?ISO left$/', is_string($first['left']) ? $first['left'] : '');
    }

    /** @return TScore what comes after the page */
    private function score(Night $night, string $query = ''): array
    {
        /** @var TScore $score */
        $score = $this->after("/nights/{$night->id}$query", 'nights/Score', 'score');

        return $score;
    }

    /** @return array<array-key, mixed> what comes after a page */
    private function after(string $path, string $component, string $prop): array
    {
        $page = $this->get($path)->assertOk()->viewData('page');
        $version = is_array($page) && is_string($page['version'] ?? null) ? $page['version'] : '';
        $told = $this->get($path, [
            'X-Inertia' => 'true',
            'X-Inertia-Version' => $version,
            'X-Inertia-Partial-Component' => $component,
            'X-Inertia-Partial-Data' => $prop,
        ])->assertOk()->json("props.$prop");

        return is_array($told) ? $told : self::fail("no $prop");
    }
}
