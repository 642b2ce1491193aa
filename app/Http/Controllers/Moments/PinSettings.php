<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use App\Models\Moment;
use App\Planning\Pins;
use Illuminate\Http\JsonResponse;
use Kaddle\Core\Solve\MomentSolver;

/** Keeps the settings of a draft beside the moment. */
final class PinSettings
{
    public function __invoke(MomentRequest $draft, Moment $moment): JsonResponse
    {
        $solution = MomentSolver::solve($draft->light());
        $pins = Pins::of($moment);
        $draft->fill($moment);
        $pins->add($solution);

        return new JsonResponse($pins->beside($solution));
    }
}
