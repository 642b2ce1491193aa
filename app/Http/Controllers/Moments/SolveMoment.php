<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use Illuminate\Http\JsonResponse;
use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Words\Voice;

/** Solves a draft; stores nothing. */
final class SolveMoment
{
    public function __invoke(MomentRequest $draft, KnownLights $known, Voice $voice): JsonResponse
    {
        return new JsonResponse(SolutionDocument::of(MomentSolver::solve($draft->light(), $known), $voice));
    }
}
