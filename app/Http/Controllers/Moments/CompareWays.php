<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use App\Models\User;
use App\Planning\NightEnergy;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Kaddle\Core\Document\WaysDocument;
use Kaddle\Core\Meter\OutputWays;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Words\Voice;

/** Who could set the output of a draft, with the clothes and the backdrop that are planned; stores nothing. */
final class CompareWays
{
    public function __invoke(
        MomentRequest $draft,
        #[CurrentUser]
        User $user,
        KnownLights $known,
        Voice $voice,
    ): JsonResponse {
        $solution = MomentSolver::solve($draft->light(), $known);
        if ($solution->best->isOff()) {
            return JsonResponse::fromJsonString('null'); // nobody sets the output of a flash that is off
        }

        return new JsonResponse(WaysDocument::of(
            $solution,
            OutputWays::of($solution, $draft->metering()),
            NightEnergy::feedFor($draft->flash(), $user)->source,
            $draft->compensation(),
            $voice,
        ));
    }
}
