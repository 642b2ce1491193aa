<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('rooms', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->double('length_m');
            $table->double('width_m');
            $table->double('height_m');
            foreach (['ceiling', 'floor', 'back', 'far', 'right', 'left'] as $face) {
                $table->string("{$face}_finish", 30);
            }
            $table->timestampsTz();
            $table->index('user_id');
        });
        DB::statement(<<<'SQL'
            alter table rooms
                add constraint rooms_length check (length_m between 2 and 200),
                add constraint rooms_width check (width_m between 2 and 200),
                add constraint rooms_height check (height_m between 2 and 40)
            SQL);
        Schema::create('nights', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('place', 120);
            $table->date('held_on');
            $table->timestampsTz();
            $table->index(['user_id', 'held_on']);
        });
        Schema::create('moments', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('night_id')->constrained()->cascadeOnDelete();
            // Checked when all is done: an account that is deleted takes its nights and its gear in one go.
            $table->foreignId('room_id')->constrained()->noActionOnDelete()->deferrable()->initiallyImmediate(false);
            $table->foreignId('body_id')->constrained('bodies')->noActionOnDelete()->deferrable()->initiallyImmediate(false);
            $table->foreignId('lens_id')->constrained('lenses')->noActionOnDelete()->deferrable()->initiallyImmediate(false);
            $table->foreignId('flash_unit_id')->constrained()->noActionOnDelete()->deferrable()->initiallyImmediate(false);
            $table->string('name', 80);
            $table->time('starts_at');
            $table->double('focal_mm');
            $table->double('from_back_wall_m');
            $table->double('camera_height_m');
            $table->double('subject_distance_m');
            $table->double('subject_height_m');
            $table->double('glow_ev')->nullable();
            $table->smallInteger('metered_tv')->nullable();
            $table->smallInteger('metered_av')->nullable();
            $table->smallInteger('metered_sv')->nullable();
            $table->double('room_under_stops');
            $table->smallInteger('working_av');
            $table->string('head_aim', 20)->nullable();
            $table->timestampsTz();
            $table->index(['night_id', 'starts_at']);
        });
        DB::statement(<<<'SQL'
            alter table moments
                add constraint moments_focal check (focal_mm between 8 and 600),
                add constraint moments_from_back_wall check (from_back_wall_m between 0.1 and 199),
                add constraint moments_camera_height check (camera_height_m between 0.2 and 10),
                add constraint moments_subject_distance check (subject_distance_m between 0.4 and 100),
                add constraint moments_subject_height check (subject_height_m between 0.2 and 10),
                add constraint moments_room_under check (room_under_stops between -1 and 6),
                add constraint moments_working_aperture check (working_av between 0 and 300),
                add constraint moments_glow_once check (
                    (glow_ev between -6 and 18 and num_nulls(metered_tv, metered_av, metered_sv) = 3)
                    or (glow_ev is null and num_nulls(metered_tv, metered_av, metered_sv) = 0)
                )
            SQL);
    }

    public function down(): void
    {
        Schema::dropIfExists('moments');
        Schema::dropIfExists('nights');
        Schema::dropIfExists('rooms');
    }
};
