<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('rooms', static function (Blueprint $table): void {
            $table->double('ridge_m')->nullable();
            $table->string('ridge_runs', 10)->nullable();
        });
        DB::statement(<<<'SQL'
            alter table rooms
                add constraint rooms_ridge check (
                    num_nulls(ridge_m, ridge_runs) = 2
                    or (num_nulls(ridge_m, ridge_runs) = 0 and ridge_m > height_m and ridge_m <= 40)
                )
            SQL);
        Schema::table('moments', static function (Blueprint $table): void {
            $table->smallInteger('units')->default(1);
        });
        DB::statement('alter table moments add constraint moments_units check (units between 1 and 4)');
    }

    public function down(): void
    {
        Schema::table('moments', static fn(Blueprint $table) => $table->dropColumn('units'));
        Schema::table('rooms', static fn(Blueprint $table) => $table->dropColumn(['ridge_m', 'ridge_runs']));
    }
};
