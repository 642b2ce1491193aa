<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use App\Models\User;
use App\Pages\EnergyPage;
use App\Pages\Listings;
use App\Planning\NightEnergy;
use Illuminate\Container\Attributes\CurrentUser;
use Inertia\Inertia;
use Inertia\Response;
use Kaddle\Core\Solve\KnownLights;

/** Batteries over a night, as it is solved as a whole. */
final class ShowEnergy
{
    public function __invoke(Night $night, #[CurrentUser] User $user, KnownLights $known): Response
    {
        return Inertia::render('nights/Energy', [
            'night' => Listings::night($night),
            'energy' => Inertia::defer(static fn() => EnergyPage::of(
                NightEnergy::ofScore($night, $user, $night->wholeMoments(), $known),
            )),
        ]);
    }
}
