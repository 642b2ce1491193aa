<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bag;

use App\Data\PieceData;
use App\Models\Piece;
use Inertia\Inertia;
use Inertia\Response;

final class ShowPiece
{
    public function __invoke(Piece $piece): Response
    {
        return Inertia::render('bag/Piece', [
            'piece' => PieceData::of($piece),
            'kind' => $piece->kind->value,
            'called' => $piece->kind->inWords(),
            'form' => $piece->kind->shape()->form(),
            'values' => $piece->data,
            'starters' => [],
        ]);
    }
}
