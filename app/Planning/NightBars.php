<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Moment;
use App\Models\Piece;
use Illuminate\Support\Collection;
use Kaddle\Core\Form\LensesInUse;
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
        return array_merge(...array_values(self::byMoment($moments)));
    }

    /**
     * The same by the number of the moment.
     *
     * @param Collection<int, Moment> $moments
     *
     * @return array<int, list<Bar>>
     */
    public static function byMoment(Collection $moments): array
    {
        $lenses = self::lenses($moments);
        $bars = [];
        foreach ($moments as $moment) {
            $bars[$moment->id] = self::ofOne($moment, $lenses);
        }

        return $bars;
    }

    /** @param Collection<int, Moment> $moments of the whole night, in time order */
    public static function lenses(Collection $moments): LensesInUse
    {
        return LensesInUse::of($moments->reject(static fn(Moment $m): bool => $m->plan->flag('skipped'))
            ->map(static fn(Moment $m): array => [self::thing($m->lens), $m->lens->figures()]));
    }

    /** @return list<Bar> */
    public static function ofOne(Moment $moment, LensesInUse $lenses): array
    {
        if ($moment->plan->flag('skipped')) {
            return [];
        }

        return MomentBars::of(
            $moment->uid,
            $moment->name,
            $moment->slot(),
            $moment->document(),
            $moment->settings,
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
            $lenses,
            $moment->isGlowFromCurve() ? static fn(float $minute): float => $moment->curveAt($minute)->glow->ev : null,
        );
    }

    private static function thing(Piece $piece): Thing
    {
        return Thing::of($piece->uid, $piece->name());
    }
}
