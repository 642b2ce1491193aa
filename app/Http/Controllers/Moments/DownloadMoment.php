<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Exchange\Download;
use App\Models\Moment;
use Illuminate\Http\JsonResponse;

/** The stored moment as a document that `light solve` takes. */
final class DownloadMoment
{
    public function __invoke(Moment $moment): JsonResponse
    {
        return Download::json("$moment->name $moment->id", $moment->load(Moment::WHOLE)->document());
    }
}
