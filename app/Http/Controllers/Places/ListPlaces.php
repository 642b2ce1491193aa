<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Data\VenueData;
use App\Models\User;
use App\Models\Venue;
use App\Pages\Listings;
use Illuminate\Container\Attributes\CurrentUser;
use Inertia\Inertia;
use Inertia\Response;

final class ListPlaces
{
    private const PER_PAGE = 30;

    public function __invoke(#[CurrentUser] User $user): Response
    {
        $venues = $user->venues()->withCount(['rooms', 'nights'])->orderBy('name')->orderBy('id')->simplePaginate(self::PER_PAGE);

        return Inertia::render('places/Index', [
            'venues' => array_map(static fn(Venue $v): VenueData => Listings::venue($v), $venues->items()),
            'next' => $venues->nextPageUrl(),
            'previous' => $venues->previousPageUrl(),
        ]);
    }
}
