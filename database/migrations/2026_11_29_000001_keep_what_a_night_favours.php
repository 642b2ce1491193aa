<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a night is to be good at when it is solved as a whole. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement("alter table nights
            add column favour varchar(20) not null default 'fewest-turns' constraint nights_favour check (favour in ('fewest-turns', 'best-files', 'quick-flash'))");
    }

    public function down(): void
    {
        Schema::dropColumns('nights', ['favour']);
    }
};
