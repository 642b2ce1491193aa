<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Quantity\ExactStops;

/**
 * Gear of every kind becomes a piece: a document of the shape that its kind has in the core.
 *
 * Settings that were thirtieths of a stop become the labels that gear shows.
 */
return new class extends Migration {
    /** @var array<string, string> kind by table */
    private const TABLES = ['bodies' => 'body', 'lenses' => 'lens', 'flash_units' => 'flash'];

    public function up(): void
    {
        Schema::create('pieces', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->uuid('uid');
            $table->string('kind', 10);
            $table->jsonb('data');
            // What a step back restores; the step itself can be taken back in the same way.
            $table->jsonb('before')->nullable();
            $table->timestampTz('archived_at')->nullable();
            $table->timestampsTz();
            $table->unique(['user_id', 'uid']);
            $table->index(['user_id', 'kind', 'id']);
        });
        DB::statement(<<<'SQL'
            alter table pieces
                add column name varchar(80) not null generated always as (data ->> 'name') stored,
                add constraint pieces_kind check (kind in ('body', 'lens', 'flash', 'modifier', 'gel', 'battery')),
                add constraint pieces_data check (jsonb_typeof(data) = 'object' and (before is null or jsonb_typeof(before) = 'object'))
            SQL);
        Schema::table('moments', static function (Blueprint $table): void {
            $table->foreignId('modifier_id')->nullable()->constrained('pieces')->noActionOnDelete()->deferrable()->initiallyImmediate(false);
            $table->foreignId('gel_id')->nullable()->constrained('pieces')->noActionOnDelete()->deferrable()->initiallyImmediate(false);
            $table->index('modifier_id');
            $table->index('gel_id');
        });
        foreach (self::TABLES as $table => $kind) {
            $this->move($table, $kind);
        }
    }

    public function down(): void
    {
        throw new RuntimeException('Gear that became pieces does not go back into tables of its own.');
    }

    private function move(string $table, string $kind): void
    {
        $column = $kind === 'flash' ? 'flash_unit_id' : "{$kind}_id";
        Schema::table('moments', static fn(Blueprint $moments) => $moments->dropForeign([$column]));
        $pieces = [];
        foreach (DB::table($table)->orderBy('id')->get() as $row) {
            $pieces[self::number($row, 'id')] = DB::table('pieces')->insertGetId([
                'user_id' => self::number($row, 'user_id'),
                'uid' => Str::uuid()->toString(),
                'kind' => $kind,
                'data' => json_encode($this->document($table, $row), JSON_THROW_ON_ERROR),
                'created_at' => now(),
                'updated_at' => now(),
            ]);
        }
        // By way of negative numbers, since old and new ones overlap.
        foreach ($pieces as $old => $new) {
            DB::table('moments')->where($column, $old)->update([$column => -$new]);
        }
        DB::statement("update moments set $column = -$column where $column < 0");
        DB::statement('set constraints all immediate'); // a table with checks outstanding cannot be altered
        if ($kind === 'flash') {
            Schema::table('moments', static fn(Blueprint $moments) => $moments->renameColumn('flash_unit_id', 'flash_id'));
            $column = 'flash_id';
        }
        Schema::table('moments', static function (Blueprint $moments) use ($column): void {
            $moments->foreign($column)->references('id')->on('pieces')->noActionOnDelete()->deferrable()->initiallyImmediate(false);
            $moments->index($column);
        });
        Schema::drop($table);
    }

    /** @return array<string, mixed> */
    private function document(string $table, stdClass $row): array
    {
        $of = static fn(string $column): ExactStops => ExactStops::fromThirtieths(self::number($row, $column));

        return ['name' => $row->name] + match ($table) {
            'bodies' => [
                'step' => $row->step,
                'sync' => Shutter::of($of('sync_tv'))->label(),
                'baseIso' => Iso::of($of('base_iso_sv'))->label(),
                'usableIso' => Iso::of($of('usable_iso_sv'))->label(),
                'stabiliser' => self::measure($row, 'stabiliser_stops'),
                'crop' => self::measure($row, 'crop'),
                'strictness' => self::measure($row, 'strictness'),
            ],
            'lenses' => [
                'openings' => array_map(
                    static fn(float $focal): array => ['focalLength' => $focal, 'widest' => Aperture::of($of('widest_av'))->label()],
                    array_unique([self::measure($row, 'shortest_mm'), self::measure($row, 'longest_mm')]),
                ),
                'narrowest' => Aperture::of($of('narrowest_av'))->label(),
            ],
            default => [
                'zoom' => array_map(
                    static fn(mixed $z): array => array_combine(['focalLength', 'guideNumber', 'halfAngle'], is_array($z) ? array_values($z) : []),
                    (array) json_decode(is_string($row->zoom) ? $row->zoom : '', true, 4, JSON_THROW_ON_ERROR),
                ),
                'bounceZoom' => self::measure($row, 'bounce_zoom_mm'),
                'lowestUnderFull' => $row->lowest_under_full,
                'step' => $row->step,
            ],
        };
    }

    private static function measure(stdClass $row, string $column): float
    {
        return is_numeric($row->$column) ? (float) $row->$column : throw new LogicException("no measure in $column");
    }

    private static function number(stdClass $row, string $column): int
    {
        $value = $row->$column;

        return is_numeric($value) ? (int) $value : throw new LogicException("no number in $column");
    }
};
