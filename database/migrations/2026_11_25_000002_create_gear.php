<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Settings are stored as thirtieths of a stop (…_tv, …_av, …_sv): exact on
 * third-stop, half-stop and tenth-stop gear alike.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('bodies', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('step', 10);
            $table->smallInteger('sync_tv');
            $table->smallInteger('base_iso_sv');
            $table->smallInteger('usable_iso_sv');
            $table->double('stabiliser_stops');
            $table->double('crop');
            $table->double('strictness');
            $table->timestampsTz();
            $table->index('user_id');
        });
        DB::statement(<<<'SQL'
            alter table bodies
                add constraint bodies_step check (step in ('third', 'half')),
                add constraint bodies_sync check (sync_tv between -150 and 390),
                add constraint bodies_iso check (base_iso_sv between -30 and 300 and usable_iso_sv between base_iso_sv and 300),
                add constraint bodies_stabiliser check (stabiliser_stops between 0 and 8),
                add constraint bodies_crop check (crop between 0.5 and 3),
                add constraint bodies_strictness check (strictness between 1 and 2)
            SQL);
        Schema::create('lenses', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->double('shortest_mm');
            $table->double('longest_mm');
            $table->smallInteger('widest_av');
            $table->smallInteger('narrowest_av');
            $table->timestampsTz();
            $table->index('user_id');
        });
        DB::statement(<<<'SQL'
            alter table lenses
                add constraint lenses_focal check (shortest_mm between 8 and 600 and longest_mm between shortest_mm and 600),
                add constraint lenses_aperture check (widest_av between 0 and 300 and narrowest_av between widest_av + 1 and 300)
            SQL);
        Schema::create('flash_units', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->jsonb('zoom');
            $table->double('bounce_zoom_mm');
            $table->smallInteger('lowest_under_full');
            $table->string('step', 10);
            $table->timestampsTz();
            $table->index('user_id');
        });
        DB::statement(<<<'SQL'
            alter table flash_units
                add constraint flash_units_zoom check (jsonb_typeof(zoom) = 'array' and jsonb_array_length(zoom) between 1 and 20),
                add constraint flash_units_bounce_zoom check (bounce_zoom_mm between 8 and 300),
                add constraint flash_units_lowest check (lowest_under_full between 0 and 9),
                add constraint flash_units_step check (step in ('third', 'half', 'tenth', 'whole'))
            SQL);
    }

    public function down(): void
    {
        Schema::dropIfExists('flash_units');
        Schema::dropIfExists('lenses');
        Schema::dropIfExists('bodies');
    }
};
