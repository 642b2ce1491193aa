<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use App\Models\User;
use App\Pages\TimetablePage;
use App\Planning\NightScore;
use Illuminate\Container\Attributes\CurrentUser;
use Inertia\Inertia;
use Inertia\Response;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\Voice;

/** The timetable of a night; the settings of its score come after the page. */
final class ShowTimetable
{
    public function __invoke(Night $night, #[CurrentUser] User $user, KnownLights $known, Voice $voice): Response
    {
        $moments = $night->wholeMoments();

        return Inertia::render('nights/Timetable', [
            'timetable' => TimetablePage::of($night, $user, $moments, null, $voice),
            'solved' => Inertia::defer(static fn() => TimetablePage::of(
                $night,
                $user,
                $moments,
                NightScore::of($night, $moments, $known),
                $voice,
            )),
        ]);
    }
}
