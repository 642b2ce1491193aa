<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Units side by side need not carry the same gel; until now they did. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('moments', static function (Blueprint $table): void {
            $table->foreignId('other_gel_id')->nullable()->constrained('pieces')->noActionOnDelete()->deferrable()->initiallyImmediate(false);
            $table->index('other_gel_id');
        });
    }

    public function down(): void
    {
        Schema::dropColumns('moments', ['other_gel_id']);
    }
};
