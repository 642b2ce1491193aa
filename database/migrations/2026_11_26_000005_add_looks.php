<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Schools, a light that is kept, help against too much light, a head turned by hand, compensations, pins; the mains of a venue. */
return new class extends Migration {
    private const COLUMNS = ['school', 'kept_thing', 'kept_ev', 'fill_stops', 'nd_stops', 'high_speed', 'head_turn', 'head_tilt', 'head_zoom', 'dialled_body', 'dialled_exposure', 'pins'];

    public function up(): void
    {
        Schema::table('moments', static function (Blueprint $table): void {
            $table->string('school', 20)->default('shutter-first');
            $table->string('kept_thing', 20)->nullable();
            $table->float('kept_ev')->nullable();
            $table->float('fill_stops')->default(2.0);
            $table->float('nd_stops')->default(0.0);
            $table->boolean('high_speed')->default(false);
            $table->float('head_turn')->nullable();
            $table->float('head_tilt')->nullable();
            $table->float('head_zoom')->nullable();
            $table->float('dialled_body')->default(0.0);
            $table->float('dialled_exposure')->default(0.0);
            $table->jsonb('pins')->default('[]');
        });
        DB::statement(<<<'SQL'
            alter table moments
                add constraint moments_kept check ((kept_thing is null) = (kept_ev is null) and kept_ev between -6 and 18),
                add constraint moments_fill check (fill_stops between 0 and 3),
                add constraint moments_nd check (nd_stops between 0 and 10),
                add constraint moments_head_by_hand check (
                    (coalesce(head_aim, '') = 'by-hand') = (head_turn is not null)
                    and (head_turn is null) = (head_tilt is null)
                    and head_turn between -180 and 180 and head_tilt between -15 and 90
                ),
                add constraint moments_head_zoom check (head_zoom between 8 and 300),
                add constraint moments_dialled check (dialled_body between -3 and 3 and dialled_exposure between -3 and 3),
                add constraint moments_pins check (jsonb_typeof(pins) = 'array' and jsonb_array_length(pins) <= 3)
            SQL);
        Schema::table('venues', static fn(Blueprint $table) => $table->string('mains', 10)->default('hz50'));
    }

    public function down(): void
    {
        Schema::table('moments', static fn(Blueprint $table) => $table->dropColumn(self::COLUMNS));
        Schema::table('venues', static fn(Blueprint $table) => $table->dropColumn('mains'));
    }
};
