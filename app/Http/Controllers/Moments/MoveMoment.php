<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Models\Moment;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Exchange\MomentShape;
use Kaddle\Core\Reading\Fields;

/** Another time for a moment, by hand on the timetable. */
final class MoveMoment
{
    public function __invoke(Request $request, Moment $moment): RedirectResponse
    {
        $read = Fields::whole(
            ['name' => $moment->name, 'starts' => $request->post('starts'), 'minutes' => $request->post('minutes') ?? $moment->minutes],
            MomentShape::readPlan(...),
        );
        $moment->update(['starts_at' => $read['starts'], 'minutes' => $read['minutes']]);

        return redirect()->route('nights.show', $moment->night_id);
    }
}
