<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Data\BenchState;
use App\Models\Moment;
use Illuminate\Http\JsonResponse;

/** The moment as it is stored now, for a page that has seen an older one. */
final class ReadMoment
{
    public function __invoke(Moment $moment): JsonResponse
    {
        return new JsonResponse(BenchState::of($moment->load(Moment::WHOLE)));
    }
}
