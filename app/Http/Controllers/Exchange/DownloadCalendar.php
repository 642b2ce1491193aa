<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\Calendar;
use App\Exchange\Download;
use App\Models\Night;
use App\Models\User;
use App\Pages\TimetablePage;
use App\Planning\NightEnergy;
use App\Planning\NightScore;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\Voice;

/** A night for a calendar, with the settings of its score; with reminders where they are asked for. */
final class DownloadCalendar
{
    public function __invoke(Night $night, Request $request, #[CurrentUser] User $user, KnownLights $known): Response
    {
        $moments = $night->wholeMoments();
        $score = NightScore::of($night, $moments, $known);
        $calendar = Calendar::of(
            $night,
            $moments,
            TimetablePage::of($night, $user, $moments, $score, Voice::plain()),
            NightEnergy::by($score, $night, $user, $moments),
            $request->query('reminders') === '1',
        );

        return new Response($calendar, 200, [
            'Content-Type' => 'text/calendar; charset=UTF-8',
            'Content-Disposition' => Download::named($night->name, 'ics'),
        ]);
    }
}
