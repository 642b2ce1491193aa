<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bag;

use App\Models\Piece;
use App\Pages\Listings;
use Inertia\Inertia;
use Inertia\Response;
use Kaddle\Core\Words\Voice;

final class ShowPiece
{
    public function __invoke(Piece $piece, Voice $voice): Response
    {
        return Inertia::render('bag/Piece', [
            'piece' => Listings::piece($piece, $voice),
            'kind' => $piece->kind->value,
            'called' => $piece->kind->inWords(),
            'form' => $piece->kind->shape()->form(),
            'values' => $piece->data,
            'starters' => [],
        ]);
    }
}
