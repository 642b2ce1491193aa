<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Models\Moment;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Removes a moment; a night keeps at least one. */
final class DeleteMoment
{
    public function __invoke(Moment $moment): RedirectResponse
    {
        if ($moment->night->moments()->count() === 1) {
            throw ValidationException::withMessages(
                ['page' => 'This is the only moment of the night. Delete the night instead.'],
            );
        }
        $moment->delete();

        return redirect()->route('nights.timetable', $moment->night_id)->with('notice', "“{$moment->name}” is deleted.");
    }
}
