<?php

declare(strict_types=1);

namespace Tests\Feature\Moments;

use App\Exchange\Importer;
use Illuminate\Support\Facades\DB;
use Kaddle\Core\Drag\AskKind;
use Kaddle\Core\Exchange\DocumentReader;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What moves while the shutter is open: kept with the moment, shown, and asked for as a look. */
final class DragTest extends TestCase
{
    private const LAMP = ['across' => 1, 'up' => 1, 'away' => 9, 'ev' => 12];
    private const DANCE = ['movement' => 'dance', 'seconds' => 0.5, 'beats' => 96, 'lamps' => [self::LAMP]];

    public function testADragIsKeptTakenBackAndLeavesWithTheNight(): void
    {
        $this->actingAs($user = $this->person());
        $moment = $this->momentOf($user);
        $this->putJson("/moments/{$moment->id}", $this->draftOf($moment, ['drag' => self::DANCE]))->assertOk();
        $kept = $this->getJson("/moments/{$moment->id}/state")->assertOk()->json('draft.drag');
        self::assertIsArray($kept);
        self::assertSame(['dance', 0.5, 96], [$kept['movement'], $kept['seconds'], $kept['beats']]);
        self::assertEquals([self::LAMP + ['size' => 60, 'kelvin' => 2700, 'speedAcross' => 0, 'speedUp' => 0, 'beat' => 'filament']], $kept['lamps']);

        $sent = (string) $this->get("/nights/{$moment->night_id}/document")->assertOk()->getContent();
        self::assertStringContainsString('"movement":"dance"', $sent);
        $other = $this->person('Other');
        Importer::take($other, DocumentReader::fromJson($sent));
        $this->actingAs($other);
        self::assertJsonStringEqualsJsonString($sent, (string) $this->get("/nights/{$other->nights()->firstOrFail()->id}/document")->getContent());

        $this->actingAs($user);
        $revision = $this->getJson("/moments/{$moment->id}/state")->json('revision');
        $this->postJson("/moments/{$moment->id}/undo", ['revision' => $revision])->assertOk()->assertJsonPath('draft.drag', null);
    }

    public function testADraftsDragIsShownAndStoresNothing(): void
    {
        $this->actingAs($user = $this->person());
        $moment = $this->momentOf($user);
        $before = DB::table('moments')->get()->all();
        $draft = $this->draftOf($moment, ['drag' => self::DANCE]);
        $this->postJson("/moments/{$moment->id}/drag", $draft)->assertOk()
            ->assertJsonPath('drag.seconds', 0.5)->assertJsonPath('drag.curtain', 'second')
            ->assertJsonCount(1, 'drag.trails')->assertJsonPath('drag.beats.period', 0.625)
            ->assertJsonPath('solution', $this->postJson("/moments/{$moment->id}/solve", $draft)->json());
        foreach (AskKind::cases() as $kind) {
            $this->postJson("/moments/{$moment->id}/ask", $this->draftOf($moment, ['ask' => ['kind' => $kind->value]]))->assertOk()
                ->assertJsonPath('kind', $kind->value);
        }
        self::assertEquals($before, DB::table('moments')->get()->all());
    }

    #[DataProvider('badAsks')]
    public function testALookThatCannotBeIsRefusedByField(mixed $ask, string $field): void
    {
        $this->actingAs($user = $this->person());
        $moment = $this->momentOf($user);
        $this->postJson("/moments/{$moment->id}/ask", $this->draftOf($moment, ['ask' => $ask]))->assertUnprocessable()->assertJsonValidationErrorFor($field);
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function badAsks(): iterable
    {
        yield 'nothing' => [null, 'ask'];
        yield 'a word' => ['silhouette', 'ask'];
        yield 'an unknown look' => [['kind' => 'dreamy'], 'ask.kind'];
        yield 'a trail without length' => [['kind' => 'trail-behind', 'heads' => 0], 'ask.heads'];
        yield 'lamps beyond the frame' => [['kind' => 'lamp-trails', 'lamps' => 101], 'ask.lamps'];
    }

    /** A night that left before there were drags comes in, is solved and shown, and leaves as it came. */
    public function testANightOfTheVersionBeforeComesInAsItWas(): void
    {
        $user = $this->person();
        $document = (string) file_get_contents(base_path('tests/upgrade/2026-11-28-night.json'));
        Importer::take($user, DocumentReader::fromJson($document));
        $night = $user->nights()->firstOrFail();
        $this->actingAs($user);
        foreach ($night->moments()->get() as $moment) {
            $this->postJson("/moments/{$moment->id}/drag", $this->draftOf($moment))->assertOk();
            self::assertFalse($moment->settings->has('drag'));
        }
        $sent = self::moments((string) $this->get("/nights/{$night->id}/document")->getContent());
        $came = self::moments($document);
        foreach (['plan', 'subject', 'camera'] as $part) {
            self::assertEquals(array_column($came, $part), array_column($sent, $part));
        }
    }

    /** @return list<array<string, mixed>> */
    private static function moments(string $document): array
    {
        /** @var array{moments: list<array<string, mixed>>} $night */
        $night = json_decode($document, true, 32, JSON_THROW_ON_ERROR);

        return $night['moments'];
    }
}
