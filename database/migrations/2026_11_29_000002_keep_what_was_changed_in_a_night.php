<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The last change of a night as a whole, so that it can be taken back. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('alter table nights add column kept jsonb');
    }

    public function down(): void
    {
        Schema::dropColumns('nights', ['kept']);
    }
};
