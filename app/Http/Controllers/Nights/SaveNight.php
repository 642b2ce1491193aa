<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use App\Planning\NightForm;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Another name or date; glow that comes from curves moves with the sun. */
final class SaveNight
{
    public function __invoke(Request $request, Night $night): RedirectResponse
    {
        $asked = NightForm::changes()->whole($request->post());
        $night->update(['name' => $asked->text('name'), 'held_on' => $asked->text('heldOn')]);

        return back()->with('notice', 'Saved.');
    }
}
