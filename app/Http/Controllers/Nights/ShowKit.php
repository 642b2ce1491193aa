<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use App\Models\User;
use App\Pages\KitPage;
use App\Planning\NightKit;
use Illuminate\Container\Attributes\CurrentUser;
use Inertia\Inertia;
use Inertia\Response;
use Kaddle\Core\Words\Voice;

/** Whether the bag reaches, moment by moment, and what would help most. */
final class ShowKit
{
    public function __invoke(Night $night, #[CurrentUser] User $user, Voice $voice): Response
    {
        $moments = $night->wholeMoments();

        return Inertia::render(
            'nights/Kit',
            ['kit' => KitPage::of($night, $moments, NightKit::of($user, $moments), $voice)],
        );
    }
}
