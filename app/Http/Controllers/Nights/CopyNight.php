<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use App\Models\User;
use App\Planning\NightForm;
use App\Planning\Quota;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The same night once more on another date, at the same place with the same gear. */
final class CopyNight
{
    public function __invoke(Request $request, Night $night, #[CurrentUser] User $user): RedirectResponse
    {
        $asked = NightForm::changes()->whole($request->post());
        Quota::nights($user);
        $copy = $night->replicate(['uid', 'kept'])->fill(['name' => $asked->text('name'), 'held_on' => $asked->text('heldOn')]);
        $copy->save();
        foreach ($night->moments as $moment) {
            $copy->moments()->save($moment->again());
        }

        return redirect()->route('nights.show', $copy)->with(
            'notice',
            'This is the copy. Glow that comes from the curves of its rooms has moved with the sun.',
        );
    }
}
