<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Kaddle\Core\Gear\EarlierGear;

/** Beams are told by their printed coverage, and batteries by their cells. */
return new class extends Migration {
    public function up(): void
    {
        foreach (DB::table('pieces')->whereIn('kind', ['flash', 'battery'])->orderBy('id')->lazyById() as $row) {
            DB::table('pieces')->where('id', $row->id)->update(array_map(
                self::takenOver(...),
                ['data' => $row->data, 'before' => $row->before],
            ));
        }
    }

    public function down(): void
    {
        throw new RuntimeException('Beams as printed do not go back to half-angles: what people had typed is not known any more.');
    }

    private static function takenOver(mixed $json): ?string
    {
        return is_string($json)
            ? json_encode(EarlierGear::piece((array) json_decode($json, true, 8, JSON_THROW_ON_ERROR)), JSON_THROW_ON_ERROR)
            : null;
    }
};
