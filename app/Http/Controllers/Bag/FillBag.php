<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bag;

use App\Models\User;
use App\Starter\StarterBag;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Puts plain starter gear into an empty bag. */
final class FillBag
{
    public function __invoke(#[CurrentUser] User $user): RedirectResponse
    {
        StarterBag::ensureFor($user);

        return redirect()->route('bag')->with(
            'notice',
            'Plain gear to start from is in your bag. Change its figures to those of yours.',
        );
    }
}
