<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Http\Requests\NightChanges;
use App\Models\Night;
use Illuminate\Http\RedirectResponse;

/** Another name or date; glow that comes from curves moves with the sun. */
final class SaveNight
{
    public function __invoke(NightChanges $request, Night $night): RedirectResponse
    {
        $night->update($request->attributesOfNight());

        return back()->with('notice', 'Saved.');
    }
}
