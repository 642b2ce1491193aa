<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use App\Models\User;
use App\Planning\BagSpares;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Kaddle\Core\Document\ColourDocument;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;

/** The colours of a draft, and what other gels and white balances would make of them; stores nothing. */
final class ShowColour
{
    public function __invoke(MomentRequest $draft, #[CurrentUser] User $user, KnownLights $known): JsonResponse
    {
        return new JsonResponse(ColourDocument::of(
            MomentSolver::solve($draft->lightWithColour(), $known),
            BagSpares::of($user)->gelsOfPieces(),
        ));
    }
}
