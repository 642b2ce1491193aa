<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Models\Venue;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Removes a venue with its rooms, unless a night is held there. */
final class DeletePlace
{
    public function __invoke(Venue $venue): RedirectResponse
    {
        if ($venue->nights()->exists()) {
            throw ValidationException::withMessages(
                ['page' => "Nights are held at “{$venue->name}”. Delete those first, or keep it."],
            );
        }
        $venue->rooms()->delete();
        $venue->delete();

        return redirect()->route('places.index')->with('notice', "“{$venue->name}” is deleted.");
    }
}
