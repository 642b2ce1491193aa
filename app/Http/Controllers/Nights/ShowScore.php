<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use App\Models\User;
use App\Pages\ChangePage;
use App\Pages\Listings;
use App\Pages\ScorePage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\Voice;

/** A night as a score; a long one is solved while the page stands already. */
final class ShowScore
{
    public function __invoke(Night $night, Request $request, #[CurrentUser] User $user, KnownLights $known, Voice $voice): Response
    {
        $asked = $request->query('over');
        $other = is_string($asked) ? Favour::tryFrom($asked) : null;
        $other = $other === $night->favour ? null : $other;

        return Inertia::render('nights/Score', [
            'night' => Listings::night($night),
            'favour' => $night->favour,
            'favours' => ScorePage::favours(),
            'over' => $other,
            'changes' => ChangePage::of($night, $user),
            'moments' => $night->moments()->count(),
            'score' => Inertia::defer(static fn() => ScorePage::of($night, $other, $known, $voice)),
        ]);
    }
}
