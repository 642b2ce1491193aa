<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Models\Moment;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Form\MomentForm;

/** Another time for a moment, by hand on the timetable or the score. */
final class MoveMoment
{
    public function __invoke(Request $request, Moment $moment): RedirectResponse
    {
        $read = MomentForm::plan()->only('starts', 'minutes')->whole([
            'starts' => $request->post('starts'),
            'minutes' => $request->post('minutes') ?? $moment->minutes,
        ]);
        $moment->update(['starts_at' => $read->text('starts'), 'minutes' => $read->whole('minutes')]);

        return redirect()->back(fallback: route('nights.timetable', $moment->night_id));
    }
}
