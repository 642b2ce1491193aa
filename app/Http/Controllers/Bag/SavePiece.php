<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bag;

use App\Models\Piece;
use App\Planning\MomentsStillFit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Stores new figures and remembers the old ones for a step back. */
final class SavePiece
{
    public function __invoke(Request $request, Piece $piece): RedirectResponse
    {
        $data = $piece->kind->shape()->whole($request->post())->toArray();
        $piece->update(['before' => $piece->data, 'data' => $data]);
        MomentsStillFit::with($piece);

        return redirect()->route('bag')->with('notice', "“{$piece->name()}” is changed.");
    }
}
