<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Models\Moment;
use App\Pages\BenchPage;
use Illuminate\Http\JsonResponse;

/** The moment as it is stored now, for a page that has seen an older one. */
final class ReadMoment
{
    public function __invoke(Moment $moment): JsonResponse
    {
        return new JsonResponse(BenchPage::state($moment->load(Moment::WHOLE)));
    }
}
