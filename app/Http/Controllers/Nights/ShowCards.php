<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use App\Pages\CardsPage;
use App\Pages\Listings;
use Inertia\Inertia;
use Inertia\Response;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\Voice;

/** The cards of a night: on a sheet, or one a screen to be carried. */
final class ShowCards
{
    /** @param 'nights/Cards'|'nights/Carry' $page that shows them */
    public function __invoke(Night $night, string $page, KnownLights $known, Voice $voice): Response
    {
        return Inertia::render($page, [
            'night' => Listings::night($night),
            'cards' => Inertia::defer(static fn() => CardsPage::of($night, $known, $voice)),
        ]);
    }
}
