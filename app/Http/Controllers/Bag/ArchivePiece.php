<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bag;

use App\Models\Piece;
use Illuminate\Http\RedirectResponse;

/** Puts a piece away, or back: nights that are planned with it keep it either way. */
final class ArchivePiece
{
    public function __invoke(Piece $piece): RedirectResponse
    {
        $away = $piece->archived_at === null;
        $piece->update(['archived_at' => $away ? now() : null]);

        return back()->with(
            'notice',
            $away
                ? "“{$piece->name()}” is archived. Nights that use it keep it."
                : "“{$piece->name()}” is back in the bag.",
        );
    }
}
