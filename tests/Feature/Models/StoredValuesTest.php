<?php

declare(strict_types=1);

namespace Tests\Feature\Models;

use App\Models\Piece;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Gear\PieceReader;
use Kaddle\Core\Quantity\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Value objects come back from the database as they went in, exactly. */
final class StoredValuesTest extends TestCase
{
    public function testSettingsAreStoredAsExactSteps(): void
    {
        $moment = $this->momentOf($this->person());
        $moment->update(['working_av' => Aperture::fromLabel('f/5.6', Step::Third)]);
        self::assertSame(150, DB::table('moments')->value('working_av'));
        self::assertSame('f/5.6', $moment->fresh()?->working_av->label());
    }

    public function testAPieceComesBackAsTheCoreReadIt(): void
    {
        $flash = $this->momentOf($this->person())->flash->fresh() ?? self::fail('not stored');
        self::assertEquals(PieceReader::read(PieceKind::Flash, $flash->data), $flash->data);
        self::assertSame('Full-size flash', DB::table('pieces')->where('id', $flash->id)->value('name'));
    }

    public function testTheStoredMomentIsADocumentThatTheCoreTakes(): void
    {
        $moment = $this->momentOf($this->person());
        $read = MomentReader::fromArray($moment->document());
        self::assertSame($moment->subject_distance_m, $read->moment->scene->distance);
        self::assertSame($moment->room->ceiling_finish, $read->finishes['ceiling']);
        self::assertEquals($moment->flash->data['bounceZoom'], $read->moment->flash->bounceZoom);
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
        yield 'glow from two sources' => ['moments', ['glow_from_curve' => true]];
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

    /** @param array<string, mixed> $columns */
    #[DataProvider('halfStored')]
    public function testTheDatabaseHoldsNothingByHalves(array $columns): void
    {
        $this->momentOf($this->person());
        $this->expectException(QueryException::class);
        DB::table('moments')->update($columns);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function halfStored(): iterable
    {
        yield 'angles of a head that is not turned by hand' => [['head_turn' => 10, 'head_tilt' => 10]];
        yield 'a head by hand without angles' => [['head_aim' => 'by-hand']];
        yield 'a turn without a tilt' => [['head_aim' => 'by-hand', 'head_turn' => 10]];
        yield 'a tilt into the floor' => [['head_aim' => 'by-hand', 'head_turn' => 10, 'head_tilt' => -16]];
        yield 'a light to keep without a level' => [['kept_thing' => 'candles']];
        yield 'a level of nothing' => [['kept_ev' => 5]];
        yield 'a light to keep with two levels' => [['kept_thing' => 'candles', 'kept_ev' => 5, 'kept_tv' => 240, 'kept_av' => 90, 'kept_sv' => 90]];
        yield 'a light metered by halves' => [['kept_thing' => 'candles', 'kept_tv' => 240]];
        yield 'more pins than there is room for' => [['pins' => '[1, 2, 3, 4]']];
    }

    public function testTheDatabaseHoldsTheGlowOnce(): void
    {
        $this->momentOf($this->person());
        $this->expectException(QueryException::class);
        DB::table('moments')->update(['metered_tv' => 180, 'metered_av' => 90, 'metered_sv' => 120]);
    }
}
