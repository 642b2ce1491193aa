<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Moment;
use Kaddle\Core\Night\Caution;
use Kaddle\Core\People\Movement;
use Kaddle\Core\People\Presence;
use Kaddle\Core\Power\EnergyStep;

/** What wants care in a moment, from what is planned for it. */
final class MomentCautions
{
    private function __construct() {}

    /** @return list<Caution> */
    public static function of(Moment $moment, ?EnergyStep $energy): array
    {
        $plan = $moment->plan;
        $nearest = $plan->has('nearest') ? $plan->number('nearest') : INF;

        return Caution::allFor(
            $plan->choices('presence', Presence::class),
            $plan->has('movement') ? $plan->choice('movement', Movement::class) : Movement::Still,
            min($nearest, $moment->distance()),
            $plan->has('framesPerMinute') ? $plan->number('framesPerMinute') : 0.0,
            $energy,
        );
    }
}
