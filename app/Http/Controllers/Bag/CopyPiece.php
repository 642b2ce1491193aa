<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bag;

use App\Models\Piece;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** A second piece of the same figures, to be adapted. */
final class CopyPiece
{
    private const LONGEST = 80;

    public function __invoke(Piece $piece, #[CurrentUser] User $user): RedirectResponse
    {
        $name = mb_substr($piece->name(), 0, self::LONGEST - strlen(' (copy)')) . ' (copy)';
        $copy = new Piece(['kind' => $piece->kind, 'data' => ['name' => $name] + $piece->data]);
        $user->putIntoBag($copy);

        return redirect()->route('pieces.show', $copy)->with(
            'notice',
            "This is a copy of “{$piece->name()}”. Change what differs.",
        );
    }
}
