<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The level of a light that is kept, as EV or as the exposure that a spot meter gave. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('moments', static function (Blueprint $table): void {
            $table->smallInteger('kept_tv')->nullable();
            $table->smallInteger('kept_av')->nullable();
            $table->smallInteger('kept_sv')->nullable();
        });
        DB::statement(<<<'SQL'
            alter table moments
                drop constraint moments_kept,
                add constraint moments_kept check (
                    kept_ev between -6 and 18
                    and num_nulls(kept_tv, kept_av, kept_sv) in (0, 3)
                    and (kept_ev is not null)::int + (kept_tv is not null)::int = (kept_thing is not null)::int
                )
            SQL);
    }

    public function down(): void
    {
        DB::table('moments')->whereNotNull('kept_tv')->update(['kept_thing' => null, 'kept_tv' => null, 'kept_av' => null, 'kept_sv' => null]);
        Schema::table('moments', static fn(Blueprint $table) => $table->dropColumn(['kept_tv', 'kept_av', 'kept_sv']));
        DB::statement('alter table moments add constraint moments_kept check ((kept_thing is null) = (kept_ev is null) and kept_ev between -6 and 18)');
    }
};
