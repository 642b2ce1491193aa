<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Moment;
use App\Models\Piece;
use Illuminate\Support\Collection;
use Kaddle\Core\Form\MomentBars;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\InHand;
use Kaddle\Core\Score\Thing;

/** The bars of a stored night. */
final class NightBars
{
    private function __construct() {}

    /**
     * @param Collection<int, Moment> $moments in time order, with everything that Moment::WHOLE names; those that are left out stay out
     *
     * @return list<Bar>
     */
    public static function of(Collection $moments): array
    {
        return array_values($moments->reject(static fn(Moment $m): bool => $m->plan->flag('skipped'))->flatMap(self::bars(...))->all());
    }

    /** @return non-empty-list<Bar> */
    private static function bars(Moment $moment): array
    {
        return MomentBars::of(
            $moment->uid,
            $moment->name,
            $moment->slot(),
            $moment->document(),
            $moment->plan,
            InHand::of(
                self::thing($moment->body),
                self::thing($moment->lens),
                self::thing($moment->flash),
                $moment->modifier === null ? null : self::thing($moment->modifier),
                InHand::gels(
                    $moment->gel === null ? null : self::thing($moment->gel),
                    $moment->otherGel === null ? null : self::thing($moment->otherGel),
                    $moment->settings->has('gelled') ? $moment->settings->whole('gelled') : null,
                ),
            ),
            $moment->body->figures(),
            $moment->isGlowFromCurve() ? static fn(float $minute): float => $moment->curveAt($minute)->glow->ev : null,
        );
    }

    private static function thing(Piece $piece): Thing
    {
        return Thing::of($piece->uid, $piece->name());
    }
}
