<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Schools, a light that is kept, help against too much light, a head turned by hand, compensations, pins; the mains of a venue. */
return new class extends Migration {
    private const COLUMNS = ['school', 'kept_thing', 'kept_ev', 'fill_stops', 'nd_stops', 'high_speed', 'head_turn', 'head_tilt', 'head_zoom', 'dialled_body', 'dialled_exposure', 'pins'];

    public function up(): void
    {
        Schema::table('moments', static function (Blueprint $table): void {
            $table->string('school', 20)->default('shutter-first');
            $table->string('kept_thing', 20)->nullable();
            $table->float('kept_ev')->nullable();
            $table->float('fill_stops')->default(2.0);
            $table->float('nd_stops')->default(0.0);
            $table->boolean('high_speed')->default(false);
            $table->float('head_turn')->nullable();
            $table->float('head_tilt')->nullable();
            $table->float('head_zoom')->nullable();
            $table->float('dialled_body')->default(0.0);
            $table->float('dialled_exposure')->default(0.0);
            $table->jsonb('pins')->default('[]');
        });
        Schema::table('venues', static fn(Blueprint $table) => $table->string('mains', 10)->default('hz50'));
    }

    public function down(): void
    {
        Schema::table('moments', static fn(Blueprint $table) => $table->dropColumn(self::COLUMNS));
        Schema::table('venues', static fn(Blueprint $table) => $table->dropColumn('mains'));
    }
};
