<?php

declare(strict_types=1);

namespace App\Starter;

use App\Models\Piece;
use App\Models\User;
use Kaddle\Core\Gear\StarterGear;

/** Plain gear of no particular maker, so that a new account can work at once. */
final class StarterBag
{
    private function __construct() {}

    /** Gives the account a bag unless it has one. */
    public static function ensureFor(User $user): void
    {
        if ($user->pieces()->exists()) {
            return;
        }
        foreach (StarterGear::all() as [$kind, $data]) {
            $user->pieces()->save(new Piece(['kind' => $kind, 'data' => $kind->shape()->whole($data)->toArray()]));
        }
    }
}
