<?php

declare(strict_types=1);

namespace App\Pages;

use App\Data\ScoreMoment;
use App\Data\ScorePoint;
use App\Data\ScoreReading;
use App\Models\Moment;
use App\Planning\BenchHistory;
use App\Planning\MomentCautions;
use App\Planning\NightEnergy;
use Illuminate\Support\Collection;
use Kaddle\Core\Colour\LightColour;
use Kaddle\Core\Colour\Tint;
use Kaddle\Core\Form\GlowForm;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Glow\ReadingOf;
use Kaddle\Core\Night\Caution;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Score\Control;
use Kaddle\Core\Solve\Tolerance;
use Kaddle\Core\Words\NightWords;
use Kaddle\Core\Words\Voice;

/** What stands over the staffs of a score: the moments with their light, their rooms and what wants care. */
final class ScoreMoments
{
    /** Points of the glow in a moment. */
    private const POINTS = 5;

    /** K that a camera is set to where lamps and daylight are to look like themselves. */
    private const BALANCE = 4200.0;

    private function __construct() {}

    /**
     * @param Collection<int, Moment> $moments
     *
     * @return list<ScoreMoment>
     */
    public static function of(Collection $moments, NightEnergy $energy, Voice $voice): array
    {
        $told = [];
        $before = [];
        $busyUntil = null;
        foreach ($moments as $moment) {
            $cautions = MomentCautions::of($moment, $energy->during($moment));
            $new = array_udiff($cautions, $before, static fn(Caution $a, Caution $b): int => $a->value <=> $b->value);
            $slot = $moment->slot();
            $told[] = self::moment(
                $moment,
                array_values(array_map(static fn(Caution $c): string => NightWords::caution($c, $voice), $new)),
                $busyUntil === null ? null : $slot->from - $busyUntil,
            );
            $before = $cautions;
            $busyUntil = max($busyUntil ?? 0, $slot->until());
        }

        return $told;
    }

    /**
     * @param list<string> $cautions
     * @param int|null $gap minutes
     */
    private static function moment(Moment $moment, array $cautions, ?int $gap): ScoreMoment
    {
        $slot = $moment->slot();
        // Chosen before the call: as its arguments PHP's compiled code once handed a bool on for the number (docs/decisions.md, 97).
        $nearest = $moment->plan->has('nearest') ? $moment->plan->number('nearest') : $moment->distance();
        $farthest = $moment->plan->has('farthest') ? $moment->plan->number('farthest') : $moment->distance();

        return new ScoreMoment(
            $moment->id,
            $moment->uid,
            $moment->name,
            BenchHistory::of($moment)->revision(),
            $moment->plan->flag('skipped'),
            self::held($moment),
            $moment->settings->has('stands'),
            $slot->from,
            $slot->until(),
            $moment->room->name,
            $moment->room->height_m,
            $moment->room->isOpenAbove(),
            $nearest,
            $farthest,
            self::points($moment),
            self::readings($moment),
            $cautions,
            $gap,
        );
    }

    /** @return list<Control> */
    private static function held(Moment $moment): array
    {
        $locks = $moment->settings->record('look')->record('locks');

        return array_values(array_filter(
            [Control::Shutter, Control::Aperture, Control::Iso, Control::Lens],
            static fn(Control $c): bool => $c === Control::Lens ? $moment->settings->flag('ownLens') : $locks->has($c->value),
        ));
    }

    /** @return list<ScorePoint> */
    private static function points(Moment $moment): array
    {
        $slot = $moment->slot();
        $points = [];
        for ($i = 0; $i < self::POINTS; ++$i) {
            $at = $slot->from + (int) round($slot->minutes * $i / (self::POINTS - 1));
            if ($moment->isGlowFromCurve()) {
                $point = $moment->curveAt((float) $at);
                $points[] = new ScorePoint(
                    $at,
                    round($point->glow->ev, 2),
                    round($point->doubt, 2),
                    (int) round($point->colour->kelvin, -1),
                    Tint::of(LightColour::ofKelvin($point->colour), LightColour::ofKelvin(Kelvin::of(self::BALANCE))),
                );
            } else {
                $points[] = new ScorePoint($at, round($moment->glow(), 2), Tolerance::GLOW, null, null);
            }
        }

        return $points;
    }

    /** @return list<ScoreReading> of any evening: by the hour */
    private static function readings(Moment $moment): array
    {
        $slot = $moment->slot();
        $readings = [];
        foreach ($moment->isGlowFromCurve() ? GlowForm::readings($moment->room->figures(), $moment->night->venue->timeZone()) : [] as $reading) {
            $at = Evening::minutes($reading->at->format('H:i'));
            if ($reading->of !== ReadingOf::People && $at >= $slot->from && $at <= $slot->until()) {
                $readings[] = new ScoreReading($at, round($reading->glow->ev, 2), $reading->spot);
            }
        }

        return $readings;
    }
}
