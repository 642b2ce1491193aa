<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Data\TimetableRow;
use App\Exchange\Csv;
use App\Models\Night;
use App\Models\User;
use App\Pages\TimetablePage;
use App\Planning\NightScore;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Kaddle\Core\Document\ScoreBarDocument;
use Kaddle\Core\Document\ShortfallDocument;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\Voice;

/** The timetable as a table, with the settings of the score: a line for each bar. */
final class DownloadTimetable
{
    private const HEAD = [
        'Starts', 'Ends', 'Moment', 'Room', 'Ceiling m', 'Distance m', 'Glow EV', 'Room under stops',
        'Shutter', 'Aperture', 'ISO', 'Head', 'Output', 'Cannot be had', 'Rules and cautions', 'Notes',
    ];

    public function __invoke(Night $night, #[CurrentUser] User $user, KnownLights $known): Response
    {
        $moments = $night->wholeMoments();
        $score = NightScore::of($night, $moments, $known);
        $rows = TimetablePage::of($night, $user, $moments, $score, Voice::plain())->rows;

        return Csv::download("$night->name timetable", self::HEAD, array_merge(...array_map(self::lines(...), $rows)));
    }

    /** @return non-empty-list<list<string|int|float|null>> one for each bar; one without settings for a moment that is left out */
    private static function lines(TimetableRow $row): array
    {
        return array_map(static fn(?ScoreBarDocument $bar): array => [
            $bar->from ?? $row->startsAt, $bar->until ?? $row->endsAt, $row->name, $row->room,
            $row->openAbove ? null : $row->ceiling, $row->distance, $row->glow, $row->roomUnder,
            $bar?->shutter, $bar?->aperture, $bar?->iso, $bar?->head, $bar?->output,
            implode(' ', array_map(static fn(ShortfallDocument $s): string => $s->sentence, $bar->shortfalls ?? [])),
            implode(' ', [...$row->rules, ...$row->cautions]), $row->notes,
        ], $row->bars === null || $row->bars === [] ? [null] : $row->bars);
    }
}
