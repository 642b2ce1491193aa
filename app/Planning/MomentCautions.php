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

    /** @return list<string> sentences */
    public static function of(Moment $moment, ?EnergyStep $energy): array
    {
        $plan = $moment->plan;
        $presence = array_map(Presence::from(...), array_values(array_filter(is_array($plan['presence'] ?? null) ? $plan['presence'] : [], is_string(...))));
        $movement = is_string($plan['movement'] ?? null) ? Movement::from($plan['movement']) : Movement::Still;
        $nearest = is_numeric($plan['nearest'] ?? null) ? (float) $plan['nearest'] : $moment->subject_distance_m;
        $rate = is_numeric($plan['framesPerMinute'] ?? null) ? (float) $plan['framesPerMinute'] : 0.0;

        return array_map(
            static fn(Caution $c): string => $c->sentence(),
            Caution::allFor($presence, $movement, min($nearest, $moment->subject_distance_m), $rate, $energy),
        );
    }
}
