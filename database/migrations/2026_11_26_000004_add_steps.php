<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Controls that are held; what a moment and its room were before each change on the bench, and how often they were changed. */
return new class extends Migration {
    public function up(): void
    {
        foreach (['moments', 'rooms'] as $name) {
            Schema::table($name, static fn(Blueprint $table) => $table->integer('revision')->default(0));
        }
        Schema::table('moments', static function (Blueprint $table): void {
            foreach (['lock_tv', 'lock_av', 'lock_sv'] as $lock) {
                $table->smallInteger($lock)->nullable();
            }
        });
        Schema::create('moment_steps', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('moment_id')->constrained()->cascadeOnDelete();
            // Columns that the change touches: before it, or after it once it is taken back.
            $table->jsonb('moment');
            $table->jsonb('room');
            $table->boolean('undone')->default(false);
            $table->timestampTz('created_at')->useCurrent();
            $table->index(['moment_id', 'undone', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('moment_steps');
        Schema::table('moments', static fn(Blueprint $table) => $table->dropColumn(['lock_tv', 'lock_av', 'lock_sv']));
        foreach (['moments', 'rooms'] as $name) {
            Schema::table($name, static fn(Blueprint $table) => $table->dropColumn('revision'));
        }
    }
};
