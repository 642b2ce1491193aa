<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Documents that are taken in, the long ones by a queue. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->text('payload');
            $table->smallInteger('attempts');
            $table->integer('reserved_at')->nullable();
            $table->integer('available_at');
            $table->integer('created_at');
        });
        Schema::create('imports', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->boolean('is_preview');
            $table->string('state', 10);
            // While it waits; gone once it is done.
            $table->text('document')->nullable();
            $table->integer('done')->default(0);
            $table->integer('total')->default(0);
            $table->jsonb('outcome')->nullable();
            $table->timestampsTz();
            $table->index(['user_id', 'created_at']);
        });
        DB::statement("alter table imports add constraint imports_state check (state in ('waiting', 'running', 'taken', 'refused'))");
    }

    public function down(): void
    {
        Schema::dropIfExists('imports');
        Schema::dropIfExists('jobs');
    }
};
