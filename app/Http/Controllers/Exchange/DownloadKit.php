<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\Csv;
use App\Models\Night;
use App\Models\User;
use App\Planning\NightKit;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** The kit check of the whole night as a table: a line for each moment and way. */
final class DownloadKit
{
    public function __invoke(Night $night, #[CurrentUser] User $user): Response
    {
        $moments = $night->wholeMoments();
        $kit = NightKit::of($user, $moments, PHP_INT_MAX);
        $rows = [];
        foreach ($moments as $moment) {
            foreach ($kit->for($moment)->cells ?? [] as $cell) {
                $rows[] = [$moment->clock(), $moment->name, $cell->way, $cell->head, $cell->stops, $cell->bound];
            }
        }

        return Csv::download(
            "$night->name kit check",
            ['Starts', 'Moment', 'Way', 'Head', 'Margin stops', 'Bound by'],
            $rows,
        );
    }
}
