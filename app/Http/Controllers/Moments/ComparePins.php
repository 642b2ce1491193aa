<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use App\Models\Moment;
use App\Planning\Pins;
use Illuminate\Http\JsonResponse;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;

/** The settings that are kept, beside those of a draft; stores nothing. */
final class ComparePins
{
    public function __invoke(MomentRequest $draft, Moment $moment, KnownLights $known): JsonResponse
    {
        return new JsonResponse(Pins::of($moment)->beside(MomentSolver::solve($draft->light(), $known)));
    }
}
