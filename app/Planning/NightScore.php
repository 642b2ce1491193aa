<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Moment;
use App\Models\Night;
use Illuminate\Support\Collection;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Score\Score;
use Kaddle\Core\Solve\KnownLights;

/** A stored night, solved as a whole for what it is to be good at. */
final class NightScore
{
    private function __construct() {}

    /** @param Collection<int, Moment> $moments of it, in time order, with everything that Moment::WHOLE names */
    public static function of(Night $night, Collection $moments, KnownLights $known): Score
    {
        return NightSolver::solve(NightBars::of($moments), $night->favour, $known);
    }
}
