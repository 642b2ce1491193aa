<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Rooms and nights get a venue; moments get what is planned for them besides light. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('venues', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->uuid('uid');
            $table->string('name', 120);
            $table->string('zone', 60);
            $table->double('latitude');
            $table->double('longitude');
            $table->jsonb('rules')->default('[]');
            $table->timestampsTz();
            $table->unique(['user_id', 'uid']);
            $table->index(['user_id', 'name']);
        });
        DB::statement(<<<'SQL'
            alter table venues
                add constraint venues_latitude check (latitude between -90 and 90),
                add constraint venues_longitude check (longitude between -180 and 180),
                add constraint venues_rules check (jsonb_typeof(rules) = 'array')
            SQL);
        $this->addColumns();
        $this->giveVenues();
        DB::statement('set constraints all immediate'); // a table with checks outstanding cannot be altered
        $this->demand();
    }

    public function down(): void
    {
        throw new RuntimeException('Venues do not go back into names of places.');
    }

    private function addColumns(): void
    {
        Schema::table('rooms', static function (Blueprint $table): void {
            $table->uuid('uid')->default(DB::raw('gen_random_uuid()'));
            $table->foreignId('venue_id')->nullable()->constrained()->noActionOnDelete()->deferrable()->initiallyImmediate(false);
            foreach (['windows', 'lamps', 'readings'] as $list) {
                $table->jsonb($list)->default('[]');
            }
            $table->unique(['user_id', 'uid']);
            $table->index(['venue_id', 'name']);
        });
        Schema::table('nights', static function (Blueprint $table): void {
            $table->uuid('uid')->default(DB::raw('gen_random_uuid()'));
            $table->foreignId('venue_id')->nullable()->constrained()->noActionOnDelete()->deferrable()->initiallyImmediate(false);
            $table->unique(['user_id', 'uid']);
            $table->index('venue_id');
        });
        Schema::table('moments', static function (Blueprint $table): void {
            $table->uuid('uid')->default(DB::raw('gen_random_uuid()'));
            $table->smallInteger('minutes')->default(30);
            $table->jsonb('plan')->default('{}');
            $table->boolean('glow_from_curve')->default(false);
            // The last answers of the solver and of the kit check, with fingerprints of what they were asked.
            $table->jsonb('answer')->nullable();
            $table->jsonb('kit')->nullable();
            $table->unique(['night_id', 'uid']);
            $table->index('room_id');
        });
    }

    /** A night's place by its name; where it lies nobody has said yet. */
    private function giveVenues(): void
    {
        DB::statement(<<<'SQL'
            insert into venues (user_id, uid, name, zone, latitude, longitude, created_at, updated_at)
            select user_id, gen_random_uuid(), place, 'UTC', 0, 0, now(), now() from nights group by user_id, place
            SQL);
        DB::statement('update nights set venue_id = venues.id from venues where venues.user_id = nights.user_id and venues.name = nights.place');
        DB::statement(<<<'SQL'
            update rooms set venue_id = nights.venue_id
            from moments join nights on nights.id = moments.night_id where moments.room_id = rooms.id
            SQL);
        DB::statement(<<<'SQL'
            insert into venues (user_id, uid, name, zone, latitude, longitude, created_at, updated_at)
            select user_id, gen_random_uuid(), 'Rooms without a night', 'UTC', 0, 0, now(), now() from rooms where venue_id is null group by user_id
            SQL);
        DB::statement(<<<'SQL'
            update rooms set venue_id = venues.id from venues
            where rooms.venue_id is null and venues.user_id = rooms.user_id and venues.name = 'Rooms without a night'
            SQL);
    }

    private function demand(): void
    {
        Schema::table('nights', static fn(Blueprint $table) => $table->dropColumn('place'));
        DB::statement('alter table nights alter column venue_id set not null');
        DB::statement(<<<'SQL'
            alter table rooms
                alter column venue_id set not null,
                add constraint rooms_lists check (jsonb_typeof(windows) = 'array' and jsonb_typeof(lamps) = 'array' and jsonb_typeof(readings) = 'array')
            SQL);
        DB::statement(<<<'SQL'
            alter table moments
                drop constraint moments_glow_once,
                add constraint moments_minutes check (minutes between 1 and 720),
                add constraint moments_plan check (jsonb_typeof(plan) = 'object'),
                add constraint moments_glow_once check (
                    num_nulls(metered_tv, metered_av, metered_sv) in (0, 3)
                    and (glow_ev is null or glow_ev between -6 and 18)
                    and (glow_ev is not null)::int + (metered_tv is not null)::int + glow_from_curve::int = 1
                )
            SQL);
    }
};
