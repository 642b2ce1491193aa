<?php

declare(strict_types=1);

namespace Tests\Feature\Models;

use App\Models\FlashUnit;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Plan\Reading\MomentReader;
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
        $moment->body->update(['sync_tv' => Shutter::fromLabel('1/160', Step::Third)]);
        self::assertSame(150, DB::table('moments')->value('working_av'));
        self::assertSame(220, DB::table('bodies')->where('id', $moment->body_id)->value('sync_tv'));
        self::assertSame('f/5.6', $moment->fresh()?->working_av->label());
        self::assertSame('1/160', $moment->body->fresh()?->sync_tv->label());
    }

    public function testAZoomTableComesBackWhole(): void
    {
        $unit = $this->momentOf($this->person())->flashUnit->fresh() ?? self::fail('not stored');
        self::assertSame(
            [[24.0, 28.0, 38.0], [35.0, 36.0, 31.0], [50.0, 42.0, 25.0], [70.0, 50.0, 19.0], [105.0, 58.0, 14.0]],
            array_map(static fn(ZoomStep $s): array => [$s->focalLength, $s->guideNumber, $s->halfAngle], $unit->zoom->steps),
        );
    }

    public function testTheStoredMomentIsADocumentThatTheCoreTakes(): void
    {
        $moment = $this->momentOf($this->person());
        $read = MomentReader::fromArray($moment->document());
        self::assertSame($moment->subject_distance_m, $read->moment->scene->distance);
        self::assertSame($moment->room->ceiling_finish, $read->finishes['ceiling']);
        self::assertSame($moment->flashUnit->bounce_zoom_mm, $read->moment->flash->bounceZoom);
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
        yield 'usable ISO below the lowest' => ['bodies', ['usable_iso_sv' => -20]];
        yield 'a body of tenths' => ['bodies', ['step' => 'tenth']];
        yield 'a lens inside out' => ['lenses', ['widest_av' => 200, 'narrowest_av' => 100]];
        yield 'a zoom backwards' => ['lenses', ['shortest_mm' => 100, 'longest_mm' => 50]];
        yield 'a flash without zoom' => ['flash_units', ['zoom' => '[]']];
        yield 'a zoom that is no list' => ['flash_units', ['zoom' => '{"a": 1}']];
        yield 'less than the least' => ['flash_units', ['lowest_under_full' => 10]];
    }

    /** Gear in use cannot vanish under its moments, but an account takes everything with it. */
    public function testGearInUseStaysUntilItsOwnerGoes(): void
    {
        $moment = $this->momentOf($user = $this->person());
        try {
            $this->deleteFlash($moment->flash_unit_id);
            self::fail('deleted');
        } catch (QueryException) {
            self::assertSame(1, DB::table('moments')->count());
        }
        $user->delete();
        self::assertSame(0, DB::table('moments')->count() + DB::table('rooms')->count() + DB::table('flash_units')->count());
    }

    /** Deletes and has the database check at once what it would check at the end of the transaction. */
    private function deleteFlash(int $id): void
    {
        DB::transaction(static function () use ($id): void {
            FlashUnit::query()->whereKey($id)->delete();
            DB::statement('set constraints all immediate');
        });
    }
}
