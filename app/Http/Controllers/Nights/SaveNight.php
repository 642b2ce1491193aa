<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use App\Planning\NightShape;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Another name or date; glow that comes from curves moves with the sun. */
final class SaveNight
{
    public function __invoke(Request $request, Night $night): RedirectResponse
    {
        $night->update(NightShape::changes($request));

        return back()->with('notice', 'Saved.');
    }
}
