<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bag;

use Inertia\Inertia;
use Inertia\Response;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Gear\StarterGear;

/** An empty form for a piece, with plain gear of its kind to start from. */
final class NewPiece
{
    public function __invoke(PieceKind $kind): Response
    {
        return Inertia::render('bag/Piece', [
            'piece' => null,
            'kind' => $kind->value,
            'called' => $kind->inWords(),
            'form' => $kind->shape()->form(),
            'values' => new \stdClass(),
            'starters' => array_values(array_map(
                static fn(array $starter): array => $starter[1],
                array_filter(StarterGear::all(), static fn(array $starter): bool => $starter[0] === $kind),
            )),
        ]);
    }
}
