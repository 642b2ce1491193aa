<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Models\Moment;
use App\Models\Night;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Exchange\DocumentKind;
use Kaddle\Core\Glow\Evening;

/** Adds a moment to a night: a copy of its last one, after its end, to be changed on the bench. */
final class AddMoment
{
    public function __invoke(Night $night): RedirectResponse
    {
        if ($night->moments()->count() >= DocumentKind::MOST_MOMENTS) {
            throw ValidationException::withMessages(['page' => sprintf('A night holds at most %d moments.', DocumentKind::MOST_MOMENTS)]);
        }
        $last = $night->moments()->reorder()->orderByRaw("starts_at - interval '6 hours' desc")->orderByDesc('id')->firstOrFail();
        $moment = $last->replicate(['uid', 'answer', 'kit', 'revision', 'pins']);
        $moment->name = 'New moment';
        $moment->starts_at = Evening::clock($last->slot()->until());
        $moment->save();

        return redirect()->route('moments.bench', $moment);
    }
}
