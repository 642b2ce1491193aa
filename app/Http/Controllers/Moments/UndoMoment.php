<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Models\Moment;
use App\Pages\BenchPage;
use App\Planning\BenchHistory;
use App\Planning\Seen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Takes back the last change on the bench. */
final class UndoMoment
{
    public function __invoke(Request $request, Moment $moment): JsonResponse
    {
        BenchHistory::of($moment)->undo(Seen::revision($request));

        return new JsonResponse(BenchPage::state($moment));
    }
}
