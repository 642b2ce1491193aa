<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Data\TimetableData;
use App\Models\Night;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Inertia\Inertia;
use Inertia\Response;

/** The timetable of a night. */
final class ShowNight
{
    public function __invoke(Night $night, #[CurrentUser] User $user): Response
    {
        return Inertia::render('nights/Show', ['timetable' => TimetableData::of($night, $user)]);
    }
}
