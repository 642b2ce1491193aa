<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Intake\Leaves;
use Kaddle\Core\Quantity\ExactStops;

/**
 * What is set on the bench becomes one document for each moment; steps back and pins along with it.
 *
 * The forms of the core judge it from now on. What must never be stored by whatever way is guarded
 * here too: the glow told in exactly one way, a head by hand with its angles, and the ranges of today.
 */
return new class extends Migration {
    /** Path in the document by column. Settings that were thirtieths of a stop become the labels that gear shows. */
    private const PATHS = [
        'units' => 'units',
        'focal_mm' => 'focalLength',
        'from_back_wall_m' => 'camera.fromBackWall',
        'camera_height_m' => 'camera.height',
        'subject_distance_m' => 'subject.distance',
        'subject_height_m' => 'subject.height',
        'glow_ev' => 'glow.ev',
        'metered_tv' => 'glow.metered.shutter',
        'metered_av' => 'glow.metered.aperture',
        'metered_sv' => 'glow.metered.iso',
        'glow_from_curve' => 'glow.curve',
        'room_under_stops' => 'look.roomUnder',
        'working_av' => 'look.aperture',
        'lock_tv' => 'look.locks.shutter',
        'lock_av' => 'look.locks.aperture',
        'lock_sv' => 'look.locks.iso',
        'school' => 'look.school',
        'kept_thing' => 'look.keep.what',
        'kept_ev' => 'look.keep.ev',
        'kept_tv' => 'look.keep.metered.shutter',
        'kept_av' => 'look.keep.metered.aperture',
        'kept_sv' => 'look.keep.metered.iso',
        'fill_stops' => 'look.fill',
        'nd_stops' => 'look.nd',
        'high_speed' => 'look.highSpeed',
        'head_aim' => 'head',
        'head_turn' => 'pointing.turn',
        'head_tilt' => 'pointing.tilt',
        'head_zoom' => 'zoom',
        'dialled_body' => 'dialled.body',
        'dialled_exposure' => 'dialled.exposure',
    ];
    private const TEXTS = ['school', 'kept_thing', 'head_aim'];

    public function up(): void
    {
        Schema::table('moments', static fn(Blueprint $table) => $table->jsonb('settings')->default('{}'));
        foreach (DB::table('moments')->orderBy('id')->cursor() as $row) {
            $columns = (array) $row;
            $settings = self::document($columns);
            DB::table('moments')->where('id', $columns['id'])->update([
                'settings' => self::json(self::withoutNoughts($settings)),
                'pins' => self::json(array_map(self::pin(...), self::list($columns['pins'] ?? null))),
            ]);
        }
        foreach (DB::table('moment_steps')->orderBy('id')->cursor() as $row) {
            $step = (array) $row;
            DB::table('moment_steps')->where('id', $step['id'])->update(['moment' => self::json(self::step(self::object($step['moment'] ?? null)))]);
        }
        DB::statement('set constraints all immediate'); // a table with checks outstanding cannot be altered
        Schema::table('moments', static fn(Blueprint $table) => $table->dropColumn(array_keys(self::PATHS)));
        $this->guard();
    }

    public function down(): void
    {
        throw new RuntimeException('Settings that became documents do not go back into columns of their own.');
    }

    private function guard(): void
    {
        $number = static fn(string $path, string $least, string $most): string => "(settings #>> '{{$path}}')::float8 between $least and $most";
        $needed = static fn(string $path, string $least, string $most): string => "coalesce({$number($path, $least, $most)}, false)";
        $has = static fn(string $object, string $field): string => "jsonb_exists(coalesce(settings $object, '{}'), '$field')::int";
        DB::statement(sprintf(
            <<<'SQL'
            alter table moments
                alter column settings drop default,
                add constraint moments_settings check (%s),
                add constraint moments_glow_once check (%s),
                add constraint moments_kept check (%s),
                add constraint moments_head_by_hand check (%s),
                add constraint moments_wishes check (%s)
            SQL,
            implode(' and ', [
                "jsonb_typeof(settings) = 'object'",
                $needed('focalLength', '8', '600'),
                $needed('camera,fromBackWall', '0.1', '199'),
                $needed('camera,height', '0.2', '10'),
                $needed('subject,distance', '0.4', '100'),
                $needed('subject,height', '0.2', '10'),
                $needed('look,roomUnder', '-1', '6'),
                "coalesce(settings #>> '{look,aperture}' like 'f/%%', false)",
            ]),
            implode(' and ', [
                $number('glow,ev', '-6', '18'),
                "{$has("-> 'glow'", 'ev')} + {$has("-> 'glow'", 'metered')} + coalesce((settings #>> '{glow,curve}')::bool, false)::int = 1",
            ]),
            implode(' and ', [
                $number('look,keep,ev', '-6', '18'),
                "{$has("#> '{look,keep}'", 'ev')} + {$has("#> '{look,keep}'", 'metered')} = {$has("#> '{look,keep}'", 'what')}",
            ]),
            implode(' and ', [
                "(coalesce(settings ->> 'head', '') = 'by-hand') = (settings -> 'pointing' is not null)",
                $number('pointing,turn', '-180', '180'),
                $number('pointing,tilt', '-15', '90'),
                "((settings -> 'pointing' is null) or num_nulls(settings #> '{pointing,turn}', settings #> '{pointing,tilt}') = 0)",
            ]),
            implode(' and ', [
                $number('units', '1', '4'),
                $number('zoom', '8', '300'),
                $number('look,fill', '0', '3'),
                $number('look,nd', '0', '10'),
                $number('dialled,body', '-3', '3'),
                $number('dialled,exposure', '-3', '3'),
            ]),
        ));
    }

    /**
     * @param array<array-key, mixed> $columns some of the columns of a moment
     *
     * @return array<string, mixed> value by path; null where a column holds none
     */
    private static function leaves(array $columns): array
    {
        $leaves = [];
        foreach (array_intersect_key($columns, self::PATHS) as $column => $value) {
            $leaves[self::PATHS[$column]] = $value === null ? null : self::value($column, $value);
        }

        // Not from the curve is told by nothing at all.
        return array_key_exists('glow.curve', $leaves) ? ['glow.curve' => $leaves['glow.curve'] === true ? true : null] + $leaves : $leaves;
    }

    private static function value(string $column, mixed $value): mixed
    {
        $of = static fn(): ExactStops => ExactStops::fromThirtieths(is_numeric($value) ? (int) $value : throw new LogicException("no step in $column"));

        return match (true) {
            in_array($column, self::TEXTS, true) => $value,
            $column === 'units' => is_numeric($value) ? (int) $value : 1,
            $column === 'glow_from_curve', $column === 'high_speed' => in_array($value, [true, 't', 'true', 1, '1'], true),
            str_ends_with($column, '_tv') => Shutter::of($of())->label(),
            str_ends_with($column, '_av') => Aperture::of($of())->label(),
            str_ends_with($column, '_sv') => Iso::of($of())->label(),
            default => is_numeric($value) ? (float) $value : throw new LogicException("no number in $column"),
        };
    }

    /**
     * @param array<array-key, mixed> $columns
     *
     * @return array<string, mixed>
     */
    private static function document(array $columns): array
    {
        return Leaves::put([], self::leaves($columns));
    }

    /**
     * @param array<string, mixed> $settings
     *
     * @return array<string, mixed> the same, without compensations of 0
     */
    private static function withoutNoughts(array $settings): array
    {
        return ($settings['dialled'] ?? null) === ['body' => 0.0, 'exposure' => 0.0] ? array_diff_key($settings, ['dialled' => null]) : $settings;
    }

    /**
     * @param array<array-key, mixed> $columns that a step touches, as they are on its other side
     *
     * @return array<array-key, mixed>
     */
    private static function step(array $columns): array
    {
        $leaves = self::leaves($columns);

        return array_diff_key($columns, self::PATHS) + ($leaves === [] ? [] : ['settings' => $leaves]);
    }

    /** @return array<array-key, mixed> */
    private static function pin(mixed $pin): array
    {
        $pin = is_array($pin) ? $pin : [];
        $columns = is_array($pin['moment'] ?? null) ? $pin['moment'] : [];

        return ['moment' => array_diff_key($columns, self::PATHS) + ['settings' => self::withoutNoughts(self::document($columns))]] + $pin;
    }

    /** @return array<array-key, mixed> */
    private static function object(mixed $json): array
    {
        $value = json_decode(is_string($json) ? $json : '{}', true, 16, JSON_THROW_ON_ERROR);

        return is_array($value) ? $value : [];
    }

    /** @return list<mixed> */
    private static function list(mixed $json): array
    {
        return array_values(self::object($json));
    }

    /** @param array<array-key, mixed> $value */
    private static function json(array $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }
};
