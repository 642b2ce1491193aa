<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use App\Models\User;
use App\Pages\TimetablePage;
use Illuminate\Container\Attributes\CurrentUser;
use Inertia\Inertia;
use Inertia\Response;
use Kaddle\Core\Words\Voice;

/** The timetable of a night. */
final class ShowTimetable
{
    public function __invoke(Night $night, #[CurrentUser] User $user, Voice $voice): Response
    {
        return Inertia::render('nights/Timetable', ['timetable' => TimetablePage::of($night, $user, $voice)]);
    }
}
