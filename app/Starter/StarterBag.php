<?php

declare(strict_types=1);

namespace App\Starter;

use App\Models\Piece;
use App\Models\User;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Gear\StarterGear;

/** Plain gear of no particular maker, so that a new account can work at once. */
final class StarterBag
{
    /** Kinds without which no moment can be reckoned. */
    private const NEEDED = [PieceKind::Body, PieceKind::Lens, PieceKind::Flash];

    private function __construct() {}

    /** Gives the account a bag unless it has one, and what a night needs beside what is in it. */
    public static function ensureFor(User $user): void
    {
        $has = $user->pieces()->pluck('kind')->unique()->all();
        foreach (StarterGear::all() as [$kind, $data]) {
            // Whoever has put something in wants no more than what a night cannot do without.
            if ($has !== [] && (in_array($kind, $has, true) || !in_array($kind, self::NEEDED, true))) {
                continue;
            }
            $user->pieces()->save(new Piece(['kind' => $kind, 'data' => $kind->shape()->whole($data)->toArray()]));
        }
    }
}
