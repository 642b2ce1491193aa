<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Models\User;
use App\Planning\Quota;
use App\Starter\StarterVenue;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A new page of the place book. */
final class AddPlace
{
    public function __invoke(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        Quota::places($user);
        $venue = StarterVenue::store($user, $request->post('name'), $request->post('zone'), 'name');

        return redirect()->route('places.show', $venue)->with(
            'notice',
            'It is taken to lie where its time zone is. Give its own position for a sun that is right within minutes.',
        );
    }
}
