<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Exchange\NightChange;
use App\Models\Night;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Form\ChangeForm;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\Voice;

/** One thing that turned out otherwise in a night, kept. */
final class KeepChange
{
    public function __invoke(Night $night, Request $request, #[CurrentUser] User $user, KnownLights $known, Voice $voice): RedirectResponse
    {
        NightChange::of($night, $user, ChangeForm::shape()->whole($request->post()), $known)->keep($voice);

        return redirect()->route('nights.show', $night)->with('notice', 'Kept. It can be taken back below, until something else is changed.');
    }
}
