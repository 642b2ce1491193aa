<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Lists show what the night’s score says, so an answer for each moment by itself is not kept any more. */
return new class extends Migration {
    public function up(): void
    {
        Schema::dropColumns('moments', ['answer']);
    }

    public function down(): void
    {
        DB::statement('alter table moments add column answer jsonb');
    }
};
