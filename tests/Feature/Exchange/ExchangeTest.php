<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use App\Models\Moment;
use App\Models\Night;
use App\Models\Piece;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Kaddle\Core\Card\ClickCard;
use Kaddle\Core\Document\ScoreDocument;
use Kaddle\Core\Exchange\DocumentKind;
use Kaddle\Core\Exchange\DocumentReader;
use Kaddle\Core\Exchange\NightBars;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Tests\Exchange\HostileDocuments;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Tests\TestCase;

/** Bags, places and nights leave and come back. */
final class ExchangeTest extends TestCase
{
    private const TABLES = ['pieces', 'venues', 'rooms', 'nights', 'moments'];

    public function testANightGoesToAnotherAccountAndBackWithoutALoss(): void
    {
        $owner = $this->demo();
        $two = $this->first($owner)->moments()->firstOrFail();
        [$gel, $other] = $owner->pieces()->where('kind', PieceKind::Gel)->limit(2)->pluck('id')->all();
        $two->update(['gel_id' => $gel, 'other_gel_id' => $other, 'settings' => ['units' => 2, 'gelled' => 1] + $two->settings->toArray()]);
        $sent = $this->actingAs($owner)->get("/nights/{$this->first($owner)->id}/document")->assertOk()->getContent();
        $this->actingAs($other = $this->person('Other'));
        self::assertSame(['new' => 30], $this->take((string) $sent));
        $returned = $this->get("/nights/{$this->first($other)->id}/document")->getContent();
        self::assertJsonStringEqualsJsonString((string) $sent, (string) $returned);
    }

    public function testTheSameDocumentTwiceChangesNothing(): void
    {
        $this->actingAs($user = $this->person());
        foreach (['bag', 'place', 'night'] as $name) {
            $this->take(HostileDocuments::example($name));
            $before = $this->counts();
            self::assertSame(['same'], array_keys($this->take(HostileDocuments::example($name))), $name);
            self::assertSame($before, $this->counts());
        }
        self::assertSame(1, $user->nights()->count());
    }

    public function testTheSchemasArePublished(): void
    {
        foreach (DocumentKind::cases() as $kind) {
            self::assertJsonStringEqualsJsonFile(base_path("core/schema/{$kind->value}.schema.json"), (string) $this->get("/schema/{$kind->value}")->assertOk()->getContent());
        }
        $this->get('/schema/album')->assertNotFound();
    }

    /** The bag and the places that leave are what their readers take. */
    public function testBagAndPlaceLeaveAsSoundDocuments(): void
    {
        $user = $this->demo();
        $this->actingAs($user);
        foreach (['/bag/document', "/places/{$this->first($user)->venue_id}/document"] as $path) {
            $document = (string) $this->get($path)->assertOk()->getContent();
            DocumentReader::fromJson($document);
            self::assertSame(['same'], array_keys($this->take($document)), $path);
        }
    }

    public function testAPreviewTellsWhatWouldChangeAndStoresNothing(): void
    {
        $this->actingAs($user = $this->person());
        $this->take(HostileDocuments::example('night'));
        $document = json_decode(HostileDocuments::example('night'), true, 16, JSON_THROW_ON_ERROR);
        assert(is_array($document) && is_array($document['moments'] ?? null));
        $document['moments'] = array_slice($document['moments'], 0, 1);
        Arr::set($document, 'pieces.0.usableIso', '3200');
        Arr::set($document, 'place.rooms.0.height', 3.6);
        $before = array_map(static fn(string $t) => DB::table($t)->orderBy('id')->get()->all(), self::TABLES);
        $changes = $this->postDocument('/import/preview', json_encode($document, JSON_THROW_ON_ERROR))->assertOk()->json('changes');
        self::assertIsArray($changes);
        self::assertContains(['what' => 'piece', 'name' => 'Full-frame body', 'action' => 'changed'], $changes);
        self::assertContains(['what' => 'room', 'name' => 'Ropewalk hall', 'action' => 'changed'], $changes);
        self::assertContains(['what' => 'moment', 'name' => 'First dance', 'action' => 'removed'], $changes);
        self::assertEquals($before, array_map(static fn(string $t) => DB::table($t)->orderBy('id')->get()->all(), self::TABLES));
        $this->take(json_encode($document, JSON_THROW_ON_ERROR));
        self::assertSame(1, Moment::query()->count());
        $body = $user->pieces()->where('name', 'Full-frame body')->firstOrFail();
        self::assertSame(['3200', '6400'], [$body->data['usableIso'], $body->before['usableIso'] ?? null], 'can be taken back');
    }

    /** An identity of another account is nothing here: the record becomes one of one’s own. */
    public function testAnIdentityOfAnotherAccountTouchesNothingOfIt(): void
    {
        $owner = $this->demo();
        $before = DB::table('pieces')->where('user_id', $owner->id)->orderBy('id')->get()->all();
        $document = json_decode((string) $this->actingAs($owner)->get('/bag/document')->getContent(), true, 16, JSON_THROW_ON_ERROR);
        assert(is_array($document));
        Arr::set($document, 'pieces.0.name', 'Mine now');
        $this->actingAs($other = $this->person('Other'));
        self::assertSame(['new'], array_keys($this->take(json_encode($document, JSON_THROW_ON_ERROR))));
        self::assertEquals($before, DB::table('pieces')->where('user_id', $owner->id)->orderBy('id')->get()->all());
        self::assertSame('Mine now', $other->pieces()->oldest('id')->firstOrFail()->name());
    }

    #[DataProvider('hostile')]
    public function testStoresNothingOfAHostileDocumentAndSaysWhy(string $json, string $field, string $sentence): void
    {
        $this->actingAs($this->person());
        foreach (['/import/preview', '/import'] as $url) {
            $response = $this->postDocument($url, $json);
            if (strlen($json) > DocumentReader::MOST_BYTES) {
                $response->assertStatus(413);
            } else {
                $response->assertUnprocessable();
                $errors = $response->json('errors');
                self::assertIsArray($errors);
                self::assertStringContainsString($sentence, json_encode($errors[$field === '' ? 'page' : $field] ?? [], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
            }
        }
        self::assertSame(array_fill_keys(self::TABLES, 0), $this->counts());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function hostile(): iterable
    {
        return HostileDocuments::all();
    }

    /** Sound in itself, but at odds with what is stored. */
    public function testRefusesWhatIsAtOddsWithTheAccountAsAWhole(): void
    {
        $this->actingAs($this->person());
        $this->take(HostileDocuments::example('night'));
        $before = $this->counts();
        $night = json_decode(HostileDocuments::example('place'), true, 16, JSON_THROW_ON_ERROR);
        assert(is_array($night));
        $night['uid'] = '7c000000-0000-4000-8000-00000000aaaa';
        $this->postDocument('/import', json_encode($night, JSON_THROW_ON_ERROR))->assertJsonValidationErrors(['rooms.0.uid' => 'belongs to “Halvorsund Ropeworks”']);
        $uid = Piece::query()->where('kind', 'body')->firstOrFail()->uid;
        $this->postDocument('/import', json_encode(['format' => 'kaddle-bag', 'version' => 1, 'pieces' => [['uid' => $uid, 'piece' => 'battery', 'name' => 'x', 'kind' => 'nimh', 'sets' => 1]]], JSON_THROW_ON_ERROR))
            ->assertJsonValidationErrors(['pieces.0.piece' => 'is a body in your bag']);
        $moved = json_decode(HostileDocuments::example('night'), true, 16, JSON_THROW_ON_ERROR);
        assert(is_array($moved));
        Arr::set($moved, 'place.uid', '7c000000-0000-4000-8000-00000000bbbb');
        $this->postDocument('/import', json_encode($moved, JSON_THROW_ON_ERROR))->assertJsonValidationErrors(['place.rooms.0.uid' => 'belongs to']);
        self::assertSame($before, $this->counts());
    }

    /**
     * Whatever the page lets somebody write can leave and come back.
     *
     * @param array<string, mixed> $keep
     */
    #[TestWith([['what' => 'stage', 'ev' => 8.5]])]
    #[TestWith([['what' => 'stage', 'metered' => ['shutter' => '1/200', 'aperture' => 'f/2.8', 'iso' => '640']]])]
    public function testWhatIsWrittenOnThePageIsASoundDocument(array $keep): void
    {
        $this->actingAs($user = $this->person())->post('/nights', ['name' => 'Ünal & “Söhne” = 50 %', 'place' => "O'Hara's loft", 'heldOn' => '2027-06-12', 'zone' => 'Europe/Oslo', 'template' => 'club-night']);
        $night = $this->first($user);
        $moment = $night->moments()->firstOrFail();
        $this->putJson("/moments/{$moment->id}", $this->draftOf($moment, ['name' => 'Erste Gäste 🎉', 'startsAt' => '22:00', 'look.locks' => ['shutter' => '1/60'],
            'look.school' => 'iso-floats', 'look.keep' => $keep, 'look.fill' => 1, 'look.nd' => 2,
            'head' => 'by-hand', 'pointing' => ['turn' => -60, 'tilt' => 45], 'zoom' => 50, 'dialled' => ['body' => -1, 'exposure' => 1],
        ]))->assertOk();
        $night->venue->update(['mains' => 'hz60']);
        $document = (string) $this->get("/nights/{$night->id}/document")->getContent();
        self::assertSame(['same'], array_keys($this->take($document)));
        $this->actingAs($other = $this->person('Other'));
        $this->take($document);
        $returned = (string) $this->get("/nights/{$this->first($other)->id}/document")->getContent();
        self::assertJsonStringEqualsJsonString($document, $returned);
        self::assertSame(['body' => -1.0, 'exposure' => 1.0], $this->first($other)->moments()->firstOrFail()->settings->record('dialled')->toArray());
    }

    public function testTheCalendarKeepsTheClocksOfTheVenue(): void
    {
        $user = $this->demo();
        $night = $this->first($user);
        $text = (string) $this->actingAs($user)->get("/nights/{$night->id}/calendar")->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=UTF-8')->getContent();
        $calendar = Reader::read($text);
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        self::assertCount(16, $calendar->select('VEVENT'));
        $plain = str_replace("\r\n ", '', $text); // long lines are folded
        self::assertStringContainsString('DTSTART;TZID=Europe/Oslo:20270918T193000', $plain);
        self::assertMatchesRegularExpression('~From 19:30: 1/\d+ s\\\\, f/4\\\\, ISO \d+\\\\, head: left wall\\\\, output 1/\d+[^.]*\. Turn: lens: Fast 35~u', $plain);
        self::assertStringContainsString("SUMMARY:Vows\\, Wedding of Runa and Joss\r\n", $plain);
        self::assertStringContainsString("X-WR-CALNAME:Wedding of Runa and Joss\r\n", $plain);
        self::assertStringNotContainsString('VALARM', $text);
        self::assertStringNotContainsString('The head gets hot', $plain, 'heat is that of the score, not of full power');
        self::assertStringContainsString('A baby is there', $plain);
        self::assertStringContainsString('TZID=Europe/Oslo:20270919T005000', $plain, 'after midnight it is the next day');
        self::assertStringContainsString("TZOFFSETFROM:+0200\r\nTZOFFSETTO:+0100", $text);
    }

    public function testTheSameEventsComeFromAnotherMachineAndCountUp(): void
    {
        $user = $this->demo();
        $night = $this->first($user);
        $this->actingAs($user);
        $of = static fn(string $name, string $text): array => preg_match_all("~^$name:(.*)\r$~m", $text, $found) > 0 ? $found[1] : [];
        $before = (string) $this->get("/nights/{$night->id}/calendar")->getContent();
        $this->travel(3)->minutes();
        $night->moments()->firstOrFail()->update(['minutes' => 17]);
        $after = (string) $this->get("/nights/{$night->id}/calendar?reminders=1")->getContent();
        self::assertSame($of('UID', $before), $of('UID', $after));
        self::assertGreaterThan((int) $of('SEQUENCE', $before)[0], (int) $of('SEQUENCE', $after)[0]);
        self::assertContains('Lens: Portrait 85', $of('DESCRIPTION', $after));
        $document = (string) $this->get("/nights/{$night->id}/document")->getContent();
        $other = $this->person('Elsewhere');
        $this->actingAs($other);
        $this->take($document);
        self::assertSame($of('UID', $before), $of('UID', (string) $this->get("/nights/{$this->first($other)->id}/calendar")->getContent()));
    }

    public function testTheScoreLeavesAsTheShellTellsIt(): void
    {
        $user = $this->demo();
        $night = $this->first($user);
        $this->actingAs($user);
        $read = DocumentReader::fromJson((string) $this->get("/nights/{$night->id}/document")->getContent());
        $score = NightSolver::solve(NightBars::of($read), $night->favour);
        $told = ScoreDocument::of($score, Voice::plain(), ClickCard::allOf($score, 0.5));
        $sent = (string) $this->get("/nights/{$night->id}/score")->assertOk()->getContent();
        self::assertJsonStringEqualsJsonString(json_encode($told, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), $sent);
        self::assertStringContainsString('"19:30","20:20","Supper in the ropewalk","Ropewalk hall"', (string) $this->get("/nights/{$night->id}/score.csv")->getContent());
    }

    /** On 31 October 2027 the clocks go back at three; the hour from two comes twice. */
    public function testTheCalendarKeepsTrueLengthOverAChangeOfClocks(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $moment->night->update(['held_on' => '2027-10-30']);
        $moment->update(['starts_at' => '01:30', 'minutes' => 120]);
        $text = (string) $this->actingAs($user)->get("/nights/{$moment->night_id}/calendar")->getContent();
        self::assertStringContainsString("DTSTART;TZID=Europe/Oslo:20271031T013000\r\nDURATION:PT120M\r\n", $text);
    }

    public function testTablesLeaveAsCsvThatIsNoFormula(): void
    {
        $user = $this->demo();
        $night = $this->first($user);
        $night->moments()->firstOrFail()->update(['name' => '=1+1 "quoted"']);
        $this->actingAs($user);
        foreach (['timetable.csv' => 17, 'score.csv' => 17, 'kit.csv' => 14 * 8 + 2 * 4 + 1, 'energy.csv' => 17] as $file => $lines) {
            $text = (string) $this->get("/nights/{$night->id}/$file")->assertOk()->getContent();
            self::assertSame($lines, substr_count($text, "\r\n"), $file);
            self::assertStringContainsString('"\'=1+1 ""quoted"""', $text, $file);
        }
        self::assertStringContainsString('"Full-size flash","guide number 30–58 m, down to 1/128"', (string) $this->get('/bag.csv')->getContent());
    }

    private function demo(): User
    {
        $this->seed(DatabaseSeeder::class);

        return User::query()->where('email', DatabaseSeeder::EMAIL)->firstOrFail();
    }

    private function first(User $user): Night
    {
        return $user->nights()->oldest('id')->firstOrFail();
    }

    /** @return array<string, int> how many records are new, changed, removed, the same */
    private function take(string $json): array
    {
        $counts = [];
        foreach ((array) $this->postDocument('/import', $json)->assertOk()->json('changes.*.action') as $action) {
            self::assertIsString($action);
            $counts[$action] = ($counts[$action] ?? 0) + 1;
        }

        return $counts;
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response> */
    private function postDocument(string $url, string $json): \Illuminate\Testing\TestResponse
    {
        return $this->call('POST', $url, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'CONTENT_LENGTH' => (string) strlen($json)], content: $json);
    }

    /** @return array<string, int> */
    private function counts(): array
    {
        return array_combine(self::TABLES, array_map(static fn(string $t): int => DB::table($t)->count(), self::TABLES));
    }
}
