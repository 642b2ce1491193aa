<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Data\ChangedScore;
use App\Exchange\NightChange;
use App\Models\Night;
use App\Models\User;
use App\Pages\ScorePage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Form\ChangeForm;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\Voice;

/** A night in which one thing turns out otherwise; stores nothing. */
final class TryChange
{
    public function __invoke(Night $night, Request $request, #[CurrentUser] User $user, KnownLights $known, Voice $voice): JsonResponse
    {
        $change = NightChange::of($night, $user, ChangeForm::shape()->whole($request->post()), $known);
        [$changed, $moments] = $change->night();

        return new JsonResponse(new ChangedScore(
            $change->sentence($voice),
            ScorePage::changed($night, $changed, $moments, $known, $voice),
        ));
    }
}
