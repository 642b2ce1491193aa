<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\Csv;
use App\Models\Piece;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Kaddle\Core\Words\PieceWords;
use Kaddle\Core\Words\Voice;

/** The bag as a packing list. */
final class DownloadBag
{
    public function __invoke(#[CurrentUser] User $user): Response
    {
        return Csv::download('bag', [
            'Kind',
            'Name',
            'Figures',
            'Archived',
        ], array_values($user->pieces()->orderBy('kind')->orderBy('id')->get()->map(static fn(Piece $p): array => [
            $p->kind->inWords(), $p->name(), PieceWords::inALine(
                $p->kind,
                $p->figures(),
                Voice::plain(),
            ), $p->archived_at === null
                ? 'no'
                : 'yes',
        ])->all()));
    }
}
