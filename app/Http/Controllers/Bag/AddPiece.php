<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bag;

use App\Models\Piece;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Gear\PieceKind;

final class AddPiece
{
    public function __invoke(Request $request, PieceKind $kind, #[CurrentUser] User $user): RedirectResponse
    {
        $piece = new Piece(['kind' => $kind, 'data' => $kind->shape()->whole($request->post())->toArray()]);
        $user->putIntoBag($piece);

        return redirect()->route('bag')->with('notice', "“{$piece->name()}” is in your bag.");
    }
}
