<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bag;

use App\Data\PieceData;
use App\Models\Piece;
use App\Models\User;
use App\Pages\Listings;
use Illuminate\Container\Attributes\CurrentUser;
use Inertia\Inertia;
use Inertia\Response;
use Kaddle\Core\Words\Voice;

final class ShowBag
{
    public function __invoke(#[CurrentUser] User $user, Voice $voice): Response
    {
        $pieces = $user->pieces()->withUses()->orderBy('id')->get();

        return Inertia::render('bag/Index', [
            'pieces' => $pieces->map(static fn(Piece $p): PieceData => Listings::piece($p, $voice))->all(),
        ]);
    }
}
