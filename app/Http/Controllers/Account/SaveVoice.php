<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Accounts\AccountForm;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Words\Clock;
use Kaddle\Core\Words\LengthUnit;

/** In what units and by what clock somebody is told things; what is stored stays as it is. */
final class SaveVoice
{
    public function __invoke(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $asked = AccountForm::voice()->whole($request->post());
        $user->length_unit = $asked->choice('unit', LengthUnit::class);
        $user->clock = $asked->choice('clock', Clock::class);
        $user->save();

        return redirect()->route('account')->with('notice', 'Lengths and times are told that way now, on every page.');
    }
}
