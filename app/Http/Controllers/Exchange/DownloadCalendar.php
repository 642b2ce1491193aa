<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\Calendar;
use App\Exchange\Download;
use App\Models\Night;
use App\Models\User;
use App\Pages\TimetablePage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Kaddle\Core\Words\Voice;

/** The timetable for a calendar, with all settings reckoned. */
final class DownloadCalendar
{
    public function __invoke(Night $night, #[CurrentUser] User $user): Response
    {
        return new Response(Calendar::of($night, TimetablePage::of($night, $user, Voice::plain(), PHP_INT_MAX)), 200, [
            'Content-Type' => 'text/calendar; charset=UTF-8',
            'Content-Disposition' => Download::named($night->name, 'ics'),
        ]);
    }
}
