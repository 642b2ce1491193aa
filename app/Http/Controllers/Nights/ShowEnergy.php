<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use App\Models\User;
use App\Pages\EnergyPage;
use App\Planning\Answers;
use App\Planning\NightEnergy;
use Illuminate\Container\Attributes\CurrentUser;
use Inertia\Inertia;
use Inertia\Response;

/** Batteries over a night. */
final class ShowEnergy
{
    public function __invoke(Night $night, #[CurrentUser] User $user): Response
    {
        $moments = $night->wholeMoments();
        $answers = Answers::of($moments);

        return Inertia::render('nights/Energy', [
            'energy' => EnergyPage::of($night, NightEnergy::of($night, $user, $moments, $answers), $answers->pending),
        ]);
    }
}
