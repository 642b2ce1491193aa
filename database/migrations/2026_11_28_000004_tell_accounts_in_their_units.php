<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** In what units and by what clock an account is told things. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement("alter table users
            add column length_unit varchar(8) not null default 'metres' constraint users_length_unit check (length_unit in ('metres', 'feet')),
            add column clock varchar(2) not null default '24' constraint users_clock check (clock in ('24', '12'))");
    }

    public function down(): void
    {
        Schema::dropColumns('users', ['length_unit', 'clock']);
    }
};
