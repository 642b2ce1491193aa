<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use App\Models\User;
use App\Pages\KitPage;
use App\Planning\NightKit;
use App\Planning\NightScore;
use Illuminate\Container\Attributes\CurrentUser;
use Inertia\Inertia;
use Inertia\Response;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\Voice;

/** Whether the bag reaches, moment by moment, what would help most, and what the score leaves of it, which comes after the page. */
final class ShowKit
{
    public function __invoke(Night $night, #[CurrentUser] User $user, KnownLights $known, Voice $voice): Response
    {
        $moments = $night->wholeMoments();

        return Inertia::render(
            'nights/Kit',
            [
                'kit' => static fn() => KitPage::of($night, $moments, NightKit::of($user, $moments), $voice),
                'standings' => Inertia::defer(static fn() => KitPage::standings($moments, NightScore::of($night, $moments, $known))),
            ],
        );
    }
}
