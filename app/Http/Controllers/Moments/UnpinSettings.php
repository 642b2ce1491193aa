<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use App\Models\Moment;
use App\Planning\Pins;
use Illuminate\Http\JsonResponse;
use Kaddle\Core\Plan\MomentSolver;

/** Takes settings off again that were kept. */
final class UnpinSettings
{
    public function __invoke(MomentRequest $request, Moment $moment, string $pin): JsonResponse
    {
        $pins = Pins::of($moment);
        $pins->remove($pin);

        return new JsonResponse($pins->beside(MomentSolver::solve($request->light()->moment)));
    }
}
