<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use Illuminate\Http\JsonResponse;
use Kaddle\Core\Document\DragDocument;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Words\Voice;

/** What a long exposure of a draft looks like; stores nothing. */
final class ShowDrag
{
    public function __invoke(MomentRequest $draft, KnownLights $known, Voice $voice): JsonResponse
    {
        return new JsonResponse(DragDocument::of(MomentSolver::solve($draft->light(), $known), $voice));
    }
}
