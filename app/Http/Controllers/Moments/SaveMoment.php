<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use App\Models\Moment;
use App\Pages\BenchPage;
use App\Planning\BenchHistory;
use App\Planning\Seen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Stores a draft in its moment and room, both or neither. */
final class SaveMoment
{
    public function __invoke(Request $request, MomentRequest $draft, Moment $moment): JsonResponse
    {
        BenchHistory::of($moment)->change(Seen::revision($request), $draft->fill(...));

        return new JsonResponse(BenchPage::state($moment));
    }
}
