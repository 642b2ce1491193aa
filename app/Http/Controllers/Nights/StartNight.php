<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Http\Requests\NightRequest;
use App\Models\User;
use App\Starter\StarterNight;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** Starts a night with a first moment, a room and gear to work from. */
final class StartNight
{
    public function __invoke(NightRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $moment = DB::transaction(static fn() => StarterNight::for($user, $request->night()));

        return redirect()->route('moments.bench', $moment);
    }
}
