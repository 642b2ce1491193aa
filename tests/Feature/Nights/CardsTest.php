<?php

declare(strict_types=1);

namespace Tests\Feature\Nights;

use App\Models\Moment;
use App\Models\Night;
use App\Models\User;
use App\Paper\Paper;
use App\Starter\StarterNight;
use App\Starter\StarterVenue;
use Inertia\Testing\AssertableInertia;
use Kaddle\Core\Card\ClickCard;
use Kaddle\Core\Document\ScoreDocument;
use Kaddle\Core\Exchange\DocumentReader;
use Kaddle\Core\Exchange\NightBars;
use Kaddle\Core\Night\NightTemplate;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Words\Voice;
use Tests\TestCase;

/** What is carried through a night: cards on the page, on the phone and on paper. */
final class CardsTest extends TestCase
{
    public function testThePageShowsTheCardsThatTheShellTells(): void
    {
        $night = $this->evening($this->person());
        $read = DocumentReader::fromJson((string) $this->get("/nights/{$night->id}/document")->getContent());
        $score = NightSolver::solve(NightBars::of($read), Favour::FewestTurns);
        $told = json_decode(json_encode(ScoreDocument::of($score, Voice::plain(), ClickCard::allOf($score, 0.5)), JSON_THROW_ON_ERROR), true);
        self::assertIsArray($told);
        foreach (['cards', 'carry'] as $sheet) {
            $this->get("/nights/{$night->id}/$sheet")->assertInertia(static fn(AssertableInertia $page) => $page
                ->loadDeferredProps(static fn(AssertableInertia $cards) => $cards
                    ->where('cards.score.cards', $told['cards'])
                    ->where('cards.score.bars', $told['bars'])
                    ->has('cards.rooms', count($score->bars))));
        }
    }

    public function testEveryPaperIsAPdfWithItsFontsInside(): void
    {
        $night = $this->evening($this->person());
        $night->update(['name' => 'Ruño & Døss <b>']);
        foreach (Paper::cases() as $paper) {
            $answer = $this->get("/nights/{$night->id}/paper/{$paper->value}")->assertOk()->assertHeader('Content-Type', 'application/pdf');
            $pdf = (string) $answer->getContent();
            self::assertStringStartsWith('%PDF-', $pdf);
            $described = preg_match_all('~/Type /FontDescriptor\b~', $pdf);
            self::assertGreaterThan(0, $described);
            self::assertSame($described, preg_match_all('~/FontFile2 \d+ 0 R~', $pdf), 'every font is inside');
            self::assertStringNotContainsString('/BaseFont /Helvetica', $pdf, 'a font that the reader would have to have');
            preg_match('~/MediaBox \[0\.000 0\.000 ([\d.]+) ([\d.]+)\]~', $pdf, $box);
            self::assertEqualsWithDelta($paper->millimetres(), [(float) ($box[1] ?? 0) / 72 * 25.4, (float) ($box[2] ?? 0) / 72 * 25.4], 0.01);
        }
        self::assertSame($night->moments()->count(), self::pages((string) $this->get("/nights/{$night->id}/paper/cards")->getContent()));
        foreach (['page', 'score', 'packing'] as $paper) {
            self::assertSame(1, self::pages((string) $this->get("/nights/{$night->id}/paper/$paper")->getContent()), $paper);
        }
    }

    public function testANightWithoutMomentsIsAPageAndNoFault(): void
    {
        $night = $this->evening($this->person());
        $night->moments()->delete();
        foreach (Paper::cases() as $paper) {
            $this->get("/nights/{$night->id}/paper/{$paper->value}")->assertOk();
        }
        $this->get("/nights/{$night->id}/cards")->assertOk();
    }

    public function testAMomentWithTheLongestNamesAndEveryTroubleStaysOnItsCard(): void
    {
        $night = $this->evening($this->person());
        $moment = Moment::query()->where('night_id', $night->id)->firstOrFail();
        $night->moments()->whereKeyNot($moment->id)->delete();
        $moment->room->update(['name' => str_repeat('Long ', 15)]);
        $moment->update(['name' => str_repeat('Wörds ', 13), 'plan' => ['nearest' => 1.0, 'farthest' => 9.0, 'depth' => 3.0] + $moment->plan->toArray()]);
        self::assertSame(1, self::pages((string) $this->get("/nights/{$night->id}/paper/cards")->assertOk()->getContent()));
    }

    public function testNotesThatHaveNoRoomUnderTheScoreGetAPageOfTheirOwn(): void
    {
        $night = $this->evening($this->person());
        $rule = ['rule' => 'no-stands', 'from' => '18:00', 'to' => '23:00', 'note' => 'Aisles'];
        foreach ([[3, 1], [30, 2]] as [$rules, $pages]) {
            $night->venue->update(['rules' => array_fill(0, $rules, $rule)]);
            self::assertSame($pages, self::pages((string) $this->get("/nights/{$night->id}/paper/score")->assertOk()->getContent()), "$rules rules");
        }
    }

    public function testThereAreNoOtherPapersAndNoneForOthers(): void
    {
        $night = $this->evening($this->person());
        $this->get("/nights/{$night->id}/paper/poster")->assertNotFound();
        $this->actingAs($this->person('Other'));
        foreach (['cards', 'carry', 'paper/cards'] as $sheet) {
            $this->get("/nights/{$night->id}/$sheet")->assertNotFound();
        }
    }

    private static function pages(string $pdf): int
    {
        return (int) preg_match_all('~/Type /Page\b(?!s)~', $pdf);
    }

    private function evening(User $user): Night
    {
        $this->actingAs($user);
        $night = new Night(['name' => 'A wedding', 'held_on' => '2027-05-08']);
        StarterNight::store($user, $night, StarterVenue::store($user, 'A hall', 'Europe/Oslo', 'place'), NightTemplate::EveningWedding);

        return $night;
    }
}
