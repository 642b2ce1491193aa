<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Models\Moment;
use App\Models\Night;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;

/** Adds a moment to a night: a copy of its last one, half an hour later, to be changed on the bench. */
final class AddMoment
{
    public function __invoke(Night $night): RedirectResponse
    {
        $last = $night->moments()->reorder()->orderByDesc('starts_at')->orderByDesc('id')->firstOrFail();
        $moment = $last->replicate();
        $moment->name = 'New moment';
        $moment->starts_at = CarbonImmutable::parse($last->starts_at, 'UTC')->addMinutes(30)->format('H:i');
        $moment->save();

        return redirect()->route('moments.bench', $moment);
    }
}
