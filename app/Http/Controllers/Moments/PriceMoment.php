<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use Illuminate\Http\JsonResponse;
use Kaddle\Core\Document\CostsDocument;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Words\Voice;

/** What another distance or ceiling would cost for a draft; stores nothing. */
final class PriceMoment
{
    public function __invoke(MomentRequest $draft, KnownLights $known, Voice $voice): JsonResponse
    {
        $moment = $draft->light();

        return new JsonResponse(
            CostsDocument::of(
                $moment,
                $moment->pointing->aim ?? MomentSolver::solve($moment, $known)->best->light->aim,
                $voice,
            ),
        );
    }
}
