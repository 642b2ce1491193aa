<?php

declare(strict_types=1);

namespace Tests\Feature\Models;

use App\Models\Piece;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Intake\FaultyDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Value objects come back from the database as they went in, exactly. */
final class StoredValuesTest extends TestCase
{
    public function testSettingsAreStoredAsTheDocumentOfTheirForm(): void
    {
        $moment = $this->momentOf($this->person());
        $moment->update(['settings' => self::settingsOf($moment, ['look.aperture' => '5.6', 'look.locks.iso' => 800, 'dialled.body' => 0.0, 'dialled.exposure' => 0.0])]);
        $stored = $moment->fresh()->settings ?? self::fail('not stored');
        self::assertSame(['f/5.6', '800', false], [$stored->record('look')->text('aperture'), $stored->record('look')->record('locks')->text('iso'), $stored->has('dialled')]);
        self::assertSame('f/5.6', DB::table('moments')->value('settings->look->aperture'));
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('unsoundSettings')]
    public function testNoModelStoresWhatItsFormRefuses(array $changes, string $field): void
    {
        $moment = $this->momentOf($this->person());
        try {
            $moment->update(['settings' => self::settingsOf($moment, $changes)]);
            self::fail('stored');
        } catch (FaultyDocument $e) {
            self::assertSame($field, $e->faults[0]->field);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function unsoundSettings(): iterable
    {
        yield 'a field nobody knows' => [['look.colour' => 'red'], 'look.colour'];
        yield 'a number as text' => [['subject.distance' => 'near'], 'subject.distance'];
        yield 'too far' => [['subject.distance' => 1000], 'subject.distance'];
        yield 'glow in two ways' => [['glow.curve' => true], 'glow.ev'];
        yield 'no glow' => [['glow.ev' => null], 'glow'];
    }

    public function testAPieceComesBackAsTheCoreReadIt(): void
    {
        $flash = $this->momentOf($this->person())->flash->fresh() ?? self::fail('not stored');
        self::assertEquals(PieceKind::Flash->shape()->whole($flash->data)->toArray(), $flash->data);
        self::assertSame('Full-size flash', DB::table('pieces')->where('id', $flash->id)->value('name'));
    }

    public function testTheStoredMomentIsADocumentThatTheCoreTakes(): void
    {
        $moment = $this->momentOf($this->person());
        $read = MomentReader::fromArray($moment->document());
        self::assertSame($moment->distance(), $read->scene->distance);
        self::assertEquals($moment->flash->data['bounceZoom'], $read->flash->bounceZoom);
    }

    /** @param array<string, mixed> $row */
    #[DataProvider('impossibleRows')]
    public function testTheDatabaseRefusesImpossibleGear(string $table, array $row): void
    {
        $this->momentOf($this->person());
        $this->expectException(QueryException::class);
        DB::table($table)->update($row);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function impossibleRows(): iterable
    {
        yield 'a piece without a name' => ['pieces', ['data' => '{}']];
        yield 'a piece that is a list' => ['pieces', ['data' => '[]']];
        yield 'a piece of no kind' => ['pieces', ['kind' => 'tripod']];
        yield 'a place beyond the pole' => ['venues', ['latitude' => 91]];
        yield 'rules that are no list' => ['venues', ['rules' => '{"a": 1}']];
        yield 'lamps that are no list' => ['rooms', ['lamps' => '3']];
        yield 'a moment of a day' => ['moments', ['minutes' => 1440]];
        yield 'a plan that is a list' => ['moments', ['plan' => '[]']];
        yield 'settings that are a list' => ['moments', ['settings' => '[]']];
    }

    /** Gear in use cannot vanish under its moments, but an account takes everything with it. */
    public function testGearInUseStaysUntilItsOwnerGoes(): void
    {
        $moment = $this->momentOf($user = $this->person());
        try {
            $this->deletePiece($moment->flash_id);
            self::fail('deleted');
        } catch (QueryException) {
            self::assertSame(1, DB::table('moments')->count());
        }
        $user->delete();
        self::assertSame(0, DB::table('moments')->count() + DB::table('rooms')->count() + DB::table('pieces')->count() + DB::table('venues')->count());
    }

    /** Deletes and has the database check at once what it would check at the end of the transaction. */
    private function deletePiece(int $id): void
    {
        DB::transaction(static function () use ($id): void {
            Piece::query()->whereKey($id)->delete();
            DB::statement('set constraints all immediate');
        });
    }

    /** By a hand at the SQL prompt, past all forms. */
    #[DataProvider('halfStored')]
    public function testTheDatabaseHoldsNothingByHalves(string $path, string $json): void
    {
        $this->momentOf($this->person());
        $this->expectException(QueryException::class);
        DB::update('update moments set settings = jsonb_set(settings, ?, ?)', [$path, $json]);
    }

    /** @return iterable<string, array{string, string}> path and JSON */
    public static function halfStored(): iterable
    {
        yield 'angles of a head that is not turned by hand' => ['{pointing}', '{"turn": 10, "tilt": 10}'];
        yield 'a head by hand without angles' => ['{head}', '"by-hand"'];
        yield 'a tilt into the floor' => ['{pointing}', '{"turn": 10, "tilt": -16}'];
        yield 'a light to keep without a level' => ['{look,keep}', '{"what": "candles"}'];
        yield 'a level of nothing' => ['{look,keep}', '{"ev": 5}'];
        yield 'a light to keep with two levels' => ['{look,keep}', '{"what": "candles", "ev": 5, "metered": {}}'];
        yield 'no glow' => ['{glow}', '{}'];
        yield 'glow from two sources' => ['{glow}', '{"ev": 4, "curve": true}'];
        yield 'glow from a meter and as EV' => ['{glow}', '{"ev": 4, "metered": {"shutter": "1/60"}}'];
        yield 'an aperture that is a number' => ['{look,aperture}', '4'];
        yield 'no distance' => ['{subject}', '{"height": 1.6}'];
    }

    public function testTheDatabaseHoldsThreePinsAtMost(): void
    {
        $this->momentOf($this->person());
        $this->expectException(QueryException::class);
        DB::table('moments')->update(['pins' => '[1, 2, 3, 4]']);
    }
}
