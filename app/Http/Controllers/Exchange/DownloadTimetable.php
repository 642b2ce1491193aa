<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Data\TimetableRow;
use App\Exchange\Csv;
use App\Models\Night;
use App\Models\User;
use App\Pages\TimetablePage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Kaddle\Core\Words\Voice;

/** The timetable as a table, with all settings reckoned. */
final class DownloadTimetable
{
    private const HEAD = [
        'Starts', 'Ends', 'Moment', 'Room', 'Ceiling m', 'Distance m', 'Glow EV', 'Room under stops',
        'Shutter', 'Aperture', 'ISO', 'Head', 'Output', 'Cannot be had', 'Rules and cautions', 'Notes',
    ];

    public function __invoke(Night $night, #[CurrentUser] User $user): Response
    {
        return Csv::download("$night->name timetable", self::HEAD, array_map(static fn(TimetableRow $r): array => [
            $r->startsAt, $r->endsAt, $r->name, $r->room, $r->openAbove
                ? null
                : $r->ceiling, $r->distance, $r->glow, $r->roomUnder,
            $r->answer?->shutter, $r->answer?->aperture, $r->answer?->iso, $r->answer?->head, $r->answer?->output, $r->answer?->shortfall,
            implode(' ', [...$r->rules, ...$r->cautions]), $r->notes,
        ], TimetablePage::of($night, $user, Voice::plain(), PHP_INT_MAX)->rows));
    }
}
