<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\Csv;
use App\Models\Night;
use App\Models\User;
use App\Planning\NightKit;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Kaddle\Core\Plan\KitCheck;

/** The kit check of the whole night as a table: a line for each moment and way. */
final class DownloadKit
{
    public function __invoke(Night $night, #[CurrentUser] User $user): Response
    {
        $moments = $night->wholeMoments();
        $checks = NightKit::of($user, $moments);
        $rows = [];
        foreach ($moments as $moment) {
            $rows = [...$rows, ...self::rows($moment->clock(), $moment->name, $checks[$moment->id])];
        }

        return Csv::download("$night->name kit check", ['Starts', 'Moment', 'Way', 'Head', 'Margin stops', 'Bound by'], $rows);
    }

    /** @return list<list<string|float|null>> */
    private static function rows(string $starts, string $name, KitCheck $check): array
    {
        $rows = [];
        foreach ($check->cells as $cell) {
            $stops = $cell->margin->stops()->value;
            $rows[] = [$starts, $name, $cell->way->label, $cell->aim->inWords(), is_finite($stops) ? round($stops, 2) : null, $cell->margin->bound()];
        }

        return $rows;
    }
}
