<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Http\Requests\NightRequest;
use App\Models\Night;
use App\Models\User;
use App\Models\Venue;
use App\Starter\StarterNight;
use App\Starter\StarterVenue;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** Starts a night from a pattern, or with a first moment on the bench, at a known venue or a new one. */
final class StartNight
{
    public function __invoke(NightRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $night = DB::transaction(static function () use ($request, $user): Night {
            $night = $request->night();
            StarterNight::store($user, $night, self::venue($request, $user), $request->template());

            return $night;
        });

        return $request->template() === null
            ? redirect()->route('moments.bench', $night->moments()->firstOrFail())
            : redirect()->route('nights.show', $night);
    }

    private static function venue(NightRequest $request, User $user): Venue
    {
        return $user->venues()->where('name', $request->string('place')->trim()->toString())->first()
            ?? StarterVenue::store($user, $request->input('place'), $request->input('zone') ?? 'UTC', 'place');
    }
}
