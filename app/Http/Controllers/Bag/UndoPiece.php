<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bag;

use App\Models\Piece;
use App\Planning\MomentsStillFit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Takes back the last change of a piece; once more takes that back in turn. */
final class UndoPiece
{
    public function __invoke(Piece $piece): RedirectResponse
    {
        $before = $piece->before ?? throw ValidationException::withMessages(
            ['page' => "“{$piece->name()}” has no change to take back."],
        );
        $piece->update(['before' => $piece->data, 'data' => $before]);
        MomentsStillFit::with($piece);

        return back()->with('notice', "The last change of “{$piece->name()}” is taken back.");
    }
}
