<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\Csv;
use App\Models\Night;
use App\Models\User;
use App\Planning\NightEnergy;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Kaddle\Core\Solve\KnownLights;

/** The energy plan as a table, with all outputs reckoned. */
final class DownloadEnergy
{
    private const HEAD = [
        'Flash',
        'Moment',
        'Pops',
        'Full pops',
        'Ready after s',
        'Ready after with the set low s',
        'Pause s',
        'Heat of 1',
        'Sets change',
    ];

    public function __invoke(Night $night, #[CurrentUser] User $user, KnownLights $known): Response
    {
        $rows = [];
        foreach (NightEnergy::ofScore($night, $user, $night->wholeMoments(), $known)->plans as [$flash, , $plan]) {
            foreach ($plan->steps as $step) {
                $rows[] = [
                    $flash->name(), $step->name, round($step->pops), round($step->energy, 1), round($step->recycle, 2),
                    round($step->tiredRecycle, 2),
                    is_finite($step->pause) ? round($step->pause, 1) : null, round($step->heat, 2), $step->changes,
                ];
            }
        }

        return Csv::download("$night->name energy", self::HEAD, $rows);
    }
}
