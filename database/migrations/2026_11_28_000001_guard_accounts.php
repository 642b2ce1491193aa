<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Addresses are confirmed, sessions and tries are kept here. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', static fn(Blueprint $table) => $table->timestampTz('confirmed_at')->nullable());
        // Accounts from before addresses were confirmed go on as they are.
        DB::table('users')->update(['confirmed_at' => DB::raw('coalesce(created_at, now())')]);
        Schema::create('sessions', static function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->text('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('tries', static function (Blueprint $table): void {
            $table->char('key', 64)->primary();
            $table->integer('count');
            $table->timestampTz('last_at', 6)->index();
            $table->timestampTz('free_at', 6);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tries');
        Schema::dropIfExists('sessions');
        Schema::table('users', static fn(Blueprint $table) => $table->dropColumn('confirmed_at'));
    }
};
