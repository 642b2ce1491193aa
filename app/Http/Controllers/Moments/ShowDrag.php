<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Data\DragData;
use App\Http\Requests\MomentRequest;
use App\Models\User;
use App\Planning\BagSpares;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Kaddle\Core\Document\DragDocument;
use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Words\Voice;

/** Solves a draft and tells what its long exposure looks like; stores nothing. */
final class ShowDrag
{
    public function __invoke(
        MomentRequest $draft,
        #[CurrentUser]
        User $user,
        KnownLights $known,
        Voice $voice,
    ): JsonResponse {
        $solution = MomentSolver::solve($draft->light(), $known);

        return new JsonResponse(new DragData(
            SolutionDocument::of($solution, $voice, BagSpares::of($user)->for($solution)),
            DragDocument::of($solution, $voice),
        ));
    }
}
