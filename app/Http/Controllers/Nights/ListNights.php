<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Data\NightData;
use App\Models\Night;
use App\Models\User;
use App\Pages\Listings;
use Illuminate\Container\Attributes\CurrentUser;
use Inertia\Inertia;
use Inertia\Response;

final class ListNights
{
    private const PER_PAGE = 30;

    /** Names of venues that the form suggests; any other can be typed. */
    private const SUGGESTED = 100;

    public function __invoke(#[CurrentUser] User $user): Response
    {
        $nights = $user->nights()->with('venue')->orderByDesc('held_on')->orderByDesc('id')->simplePaginate(self::PER_PAGE);

        return Inertia::render('nights/Index', [
            'nights' => array_map(static fn(Night $night): NightData => Listings::night($night), $nights->items()),
            'earlier' => $nights->nextPageUrl(),
            'later' => $nights->previousPageUrl(),
            'places' => $user->venues()->latest('id')->limit(self::SUGGESTED)->pluck('name')->unique()->values()->all(),
        ]);
    }
}
