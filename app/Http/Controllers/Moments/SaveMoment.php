<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use App\Models\Moment;
use App\Planning\MomentsStillFit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** Stores a draft in its moment and room, both or neither. */
final class SaveMoment
{
    public function __invoke(MomentRequest $request, Moment $moment): RedirectResponse
    {
        DB::transaction(static function () use ($request, $moment): void {
            $request->fill($moment);
            MomentsStillFit::inRoom($moment->room, $moment->id);
            $moment->room->save();
            $moment->save();
        });

        return redirect()->route('moments.bench', $moment)->with('notice', 'Saved.');
    }
}
