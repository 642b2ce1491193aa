<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Data\KitData;
use App\Models\Night;
use App\Models\User;
use App\Planning\NightKit;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** Whether the bag reaches, moment by moment, and what would help most. */
final class ShowKit
{
    /** Moments whose light is reckoned while somebody waits. */
    private const PER_PAGE = 20;

    public function __invoke(Request $request, Night $night, #[CurrentUser] User $user): Response
    {
        $all = $night->wholeMoments();
        $pages = max(1, (int) ceil(count($all) / self::PER_PAGE));
        $page = max(1, min($pages, $request->integer('page', 1)));
        $moments = $all->forPage($page, self::PER_PAGE)->values();

        return Inertia::render('nights/Kit', ['kit' => KitData::of($night, $moments, NightKit::of($user, $moments), $page, $pages)]);
    }
}
