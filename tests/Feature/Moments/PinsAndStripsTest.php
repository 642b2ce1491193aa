<?php

declare(strict_types=1);

namespace Tests\Feature\Moments;

use Inertia\Testing\AssertableInertia;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Settings beside what is set: places that may come next, light that is kept for them, and what was pinned. */
final class PinsAndStripsTest extends TestCase
{
    public function testAStripAnswersAsEachOfItsPlacesWould(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user);
        $strip = [
            ['subject' => ['distance' => 4.1, 'height' => 1.5]],
            ['room' => ['height' => 2.7]],
            ['subject' => ['distance' => 900, 'height' => 1.5]],
            ['head' => 'by-hand', 'pointing' => ['turn' => 45, 'tilt' => 60]],
        ];
        $answers = $this->postJson("/moments/{$moment->id}/strip", $this->draftOf($moment) + ['strip' => $strip])->assertOk()->assertJsonCount(4)->json();
        self::assertIsArray($answers);
        self::assertNull($answers[2], 'no such place');
        foreach ([0, 1, 3] as $i) {
            $alone = array_replace_recursive($this->draftOf($moment), $strip[$i]);
            self::assertSame($this->postJson("/moments/{$moment->id}/solve", $alone)->assertOk()->json(), $answers[$i]);
        }
    }

    /** What a rule or a choice may do next: hold, let go, keep no light any more, paint. */
    public function testAStripLetsGoOfWhatIsHeld(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user);
        $draft = $this->draftOf($moment, ['look.keep' => ['what' => 'candles', 'ev' => 8], 'look.locks' => ['iso' => '400']]);
        $strip = [
            ['look' => ['locks' => ['iso' => '800']]],
            ['look' => ['locks' => ['iso' => null]]],
            ['look' => ['keep' => null]],
            ['look' => ['school' => 'long-time', 'aperture' => 'f/2.8']],
            ['room' => ['finishes' => ['ceiling' => 'oak-boards']]],
        ];
        $answers = $this->postJson("/moments/{$moment->id}/strip", $draft + ['strip' => $strip])->assertOk()->assertJsonCount(5)->json();
        self::assertIsArray($answers);
        foreach ($strip as $i => $parts) {
            self::assertSame($this->postJson("/moments/{$moment->id}/solve", array_replace_recursive($draft, $parts))->assertOk()->json(), $answers[$i], "place $i");
        }
        self::assertCount(5, array_unique(array_map(json_encode(...), $answers)), 'each is another answer');
    }

    public function testLightIsWorkedOutOnceAndThenKept(): void
    {
        $light = MomentSolver::solve(MomentReader::fromArray($this->momentOf($this->person())->document()))->best->light;
        $worked = 0;
        foreach (['one', 'one', 'other'] as $question) {
            $kept = $this->app->make(KnownLights::class)->recall($question, static function () use ($light, &$worked): array {
                ++$worked;

                return [$light];
            });
            self::assertEquals([$light], $kept);
        }
        self::assertSame(2, $worked);
    }

    #[DataProvider('strips')]
    public function testRefusesAStripThatIsNone(mixed $strip): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user)->postJson("/moments/{$moment->id}/strip", $this->draftOf($moment) + ['strip' => $strip])
            ->assertJsonValidationErrors(['strip' => 'at most 24']);
    }

    /** @return iterable<string, array{mixed}> */
    public static function strips(): iterable
    {
        yield 'none' => [null];
        yield 'a word' => ['all'];
        yield 'too many' => [array_fill(0, 25, ['head' => 'up'])];
        yield 'by name' => [['a' => ['head' => 'up']]];
    }

    public function testPinsStandBesideWhatIsSetAndLeaveAgain(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user);
        $slow = $this->draftOf($moment, ['look.locks' => ['iso' => '400']]);
        $first = $this->postJson("/moments/{$moment->id}/pins", $slow)->assertOk()->assertJsonCount(1)->assertJsonPath('0.turns', 'nothing to turn')->json('0.id');
        $this->postJson("/moments/{$moment->id}/compare", $this->draftOf($moment, ['look.locks' => ['iso' => '800']]))
            ->assertJsonPath('0.iso', '400')->assertJsonPath('0.draft.look.locks.iso', '400')
            ->assertJsonPath('0.turns', static fn(string $turns): bool => str_contains($turns, 'ISO 3 down'));
        $this->postJson("/moments/{$moment->id}/pins", $slow)->assertOk();
        $this->postJson("/moments/{$moment->id}/pins", $slow)->assertOk()->assertJsonCount(3);
        $this->postJson("/moments/{$moment->id}/pins", $slow)->assertJsonValidationErrors(['page' => '3 settings are pinned already']);
        self::assertIsString($first);
        $this->deleteJson("/moments/{$moment->id}/pins/$first")->assertNoContent();
        $this->get("/moments/{$moment->id}")->assertInertia(static fn(AssertableInertia $page) => $page->count('bench.pins', 2)->where('bench.stored.draft.look.locks.iso', null));
    }

    public function testPinsAreTheirOwners(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $pin = $this->actingAs($user)->postJson("/moments/{$moment->id}/pins", $this->draftOf($moment))->json('0.id');
        self::assertIsString($pin);
        $this->actingAs($this->person('Stranger'));
        $this->postJson("/moments/{$moment->id}/pins", $this->draftOf($moment))->assertNotFound();
        $this->postJson("/moments/{$moment->id}/compare", $this->draftOf($moment))->assertNotFound();
        $this->deleteJson("/moments/{$moment->id}/pins/$pin")->assertNotFound();
        self::assertCount(1, $moment->fresh()->pins ?? []);
    }
}
