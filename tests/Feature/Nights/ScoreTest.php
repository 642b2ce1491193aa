<?php

declare(strict_types=1);

namespace Tests\Feature\Nights;

use App\Models\Night;
use App\Models\User;
use App\Starter\StarterNight;
use App\Starter\StarterVenue;
use Kaddle\Core\Document\ScoreDocument;
use Kaddle\Core\Exchange\DocumentReader;
use Kaddle\Core\Exchange\NightBars;
use Kaddle\Core\Night\NightTemplate;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Words\Voice;
use Tests\TestCase;

/** The night as a score. */
final class ScoreTest extends TestCase
{
    public function testThePageShowsWhatTheShellSaysOfTheExportedNight(): void
    {
        $night = $this->evening($this->person());
        foreach ([Favour::FewestTurns, Favour::BestFiles] as $favour) {
            $score = $this->score($night, "?favour={$favour->value}");
            $document = (string) $this->get("/nights/{$night->id}/document")->assertOk()->getContent();
            $told = ScoreDocument::of(NightSolver::solve(NightBars::of(DocumentReader::fromJson($document)), $favour), Voice::plain());
            self::assertJsonStringEqualsJsonString(json_encode($told, JSON_THROW_ON_ERROR), json_encode($score['score'], JSON_THROW_ON_ERROR));
        }
    }

    public function testTheLightOfEveryMomentAndThePlacesOfEveryBarAreThere(): void
    {
        $night = $this->evening($this->person());
        $score = $this->score($night);
        self::assertCount($night->moments()->count(), (array) $score['moments']);
        /** @var list<array{from: int, until: int, points: list<array{at: int}>}> $moments */
        $moments = $score['moments'];
        foreach ($moments as $moment) {
            self::assertSame([$moment['from'], $moment['until']], [$moment['points'][0]['at'], $moment['points'][4]['at']]);
        }
        /** @var array{bars: list<mixed>} $document */
        $document = $score['score'];
        self::assertCount(count($document['bars']), (array) $score['places']);
    }

    public function testANightWithoutMomentsAndAnUnknownFavourAreNoFault(): void
    {
        $night = $this->evening($this->person());
        foreach (['?favour=prettiest', '?favour[]=best-files', '?favour='] as $query) {
            self::assertSame($this->score($night)['score'], $this->score($night, $query)['score'], $query);
        }
        $night->moments()->delete();
        self::assertSame([], $this->score($night)['moments']);
    }

    public function testNobodyElseSeesIt(): void
    {
        $night = $this->evening($this->person());
        $this->actingAs($this->person('Other'))->get("/nights/{$night->id}/score")->assertNotFound();
    }

    private function evening(User $user): Night
    {
        $this->actingAs($user);
        $night = new Night(['name' => 'A wedding', 'held_on' => '2027-05-08']);
        StarterNight::store($user, $night, StarterVenue::store($user, 'A hall', 'Europe/Oslo', 'place'), NightTemplate::EveningWedding);

        return $night;
    }

    /** @return array<string, mixed> what comes after the page */
    private function score(Night $night, string $query = ''): array
    {
        $page = $this->get("/nights/{$night->id}/score$query")->assertOk()->viewData('page');
        $version = is_array($page) && is_string($page['version'] ?? null) ? $page['version'] : '';
        $score = $this->get("/nights/{$night->id}/score$query", [
            'X-Inertia' => 'true',
            'X-Inertia-Version' => $version,
            'X-Inertia-Partial-Component' => 'nights/Score',
            'X-Inertia-Partial-Data' => 'score',
        ])->assertOk()->json('props.score');

        self::assertIsArray($score);
        /** @var array<string, mixed> $score */

        return $score;
    }
}
