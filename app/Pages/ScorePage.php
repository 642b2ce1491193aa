<?php

declare(strict_types=1);

namespace App\Pages;

use App\Data\FavourChoice;
use App\Data\ScoreData;
use App\Data\ScoreHeat;
use App\Data\ScoreMoment;
use App\Data\ScoreOther;
use App\Data\ScorePlaces;
use App\Data\ScorePoint;
use App\Data\ScoreReading;
use App\Data\ScoreRule;
use App\Models\Moment;
use App\Models\Night;
use App\Planning\BenchHistory;
use App\Planning\MomentCautions;
use App\Planning\NightBars;
use App\Planning\NightEnergy;
use Illuminate\Support\Collection;
use Kaddle\Core\Colour\Tint;
use Kaddle\Core\Document\ScoreDocument;
use Kaddle\Core\Form\GlowForm;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Glow\Sunset;
use Kaddle\Core\Night\Caution;
use Kaddle\Core\Night\HouseRule;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Score\Control;
use Kaddle\Core\Score\Difference;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Score\Rehearsal;
use Kaddle\Core\Score\Score;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\Tolerance;
use Kaddle\Core\Words\NightWords;
use Kaddle\Core\Words\ScoreWords;
use Kaddle\Core\Words\Voice;

/** A night as a score. */
final class ScorePage
{
    /** Points of the glow in a moment. */
    private const POINTS = 5;

    /** K that a camera is set to where lamps and daylight are to look like themselves. */
    private const BALANCE = 4200.0;

    private function __construct() {}

    /** @return list<FavourChoice> */
    public static function favours(): array
    {
        return array_map(
            static fn(Favour $f): FavourChoice => new FavourChoice($f, $f->inWords(), ScoreWords::favour($f)),
            Favour::cases(),
        );
    }

    /** @param Favour|null $over to be laid over it; null for nothing */
    public static function of(Night $night, ?Favour $over, KnownLights $known, Voice $voice): ScoreData
    {
        $moments = $night->wholeMoments();
        $bars = NightBars::of($moments);
        $score = NightSolver::solve($bars, $night->favour, $known);
        $other = $over === null ? null : NightSolver::solve($bars, $over, $known);

        return self::data($night, $moments, $score, $other === null ? null : new ScoreOther(
            $over->inWords(),
            ScoreWords::difference(Difference::between($score, $other)),
            array_map(self::places(...), $other->bars),
        ), $voice);
    }

    /**
     * A night in which something turned out otherwise, with the one that was planned laid over it.
     *
     * @param Collection<int, Moment> $moments of the changed one
     */
    public static function changed(Night $planned, Night $changed, Collection $moments, KnownLights $known, Voice $voice): ScoreData
    {
        $before = NightSolver::solve(NightBars::of($planned->wholeMoments()), $planned->favour, $known);
        $score = NightSolver::solve(NightBars::of($moments), $changed->favour, $known);

        return self::data($changed, $moments, $score, new ScoreOther(
            'As planned',
            ScoreWords::changed($before, $score),
            array_map(self::places(...), $before->bars),
        ), $voice);
    }

    /**
     * The night with one moment at other times, laid over nothing.
     *
     * @param list<string> $starts by the clock: one alone is solved as the night itself would be, many from
     *        what they have in common
     *
     * @return list<ScoreData> in the same order
     */
    public static function slid(Night $night, Moment $moment, array $starts, KnownLights $known, Voice $voice): array
    {
        $moments = $night->wholeMoments();
        $bars = [];
        foreach ($moments as $each) {
            $bars[$each->id] = NightBars::of(Collection::make([$each]));
        }
        $rehearsal = count($starts) === 1 ? null : Rehearsal::of(array_merge(...array_values($bars)), $night->favour, $known);

        return array_map(static function (string $start) use ($night, $moment, $moments, $bars, $rehearsal, $known, $voice): ScoreData {
            $slid = self::with($moments, $moment, $start);
            $all = array_merge(...$slid->map(static fn(Moment $m): array => $m->id === $moment->id ? NightBars::of(Collection::make([$m])) : $bars[$m->id])->values()->all());
            $score = $rehearsal === null ? NightSolver::solve($all, $night->favour, $known) : $rehearsal->with($all);

            return self::data($night, $slid, $score, null, $voice);
        }, $starts);
    }

    /**
     * @param Collection<int, Moment> $moments
     *
     * @return Collection<int, Moment> in time order, one of them at another time
     */
    private static function with(Collection $moments, Moment $moved, string $start): Collection
    {
        return $moments->map(static function (Moment $each) use ($moved, $start): Moment {
            if ($each->id !== $moved->id) {
                return $each;
            }
            $there = clone $each;
            $there->starts_at = "$start:00";

            return $there;
        })->sortBy([static fn(Moment $a, Moment $b): int => [$a->slot()->from, $a->id] <=> [$b->slot()->from, $b->id]])->values();
    }

    /** @param Collection<int, Moment> $moments */
    private static function data(Night $night, Collection $moments, Score $score, ?ScoreOther $other, Voice $voice): ScoreData
    {
        $sunset = Sunset::on($night->held_on->toDateString(), $night->venue->place())?->format('H:i');
        $energy = NightEnergy::by($score, $night, $night->user, $moments);

        return new ScoreData(
            $night->venue->zone,
            $sunset === null ? null : Evening::minutes($sunset),
            self::moments($moments, $energy, $voice),
            array_map(static fn(HouseRule $r): ScoreRule => self::rule($r, $voice), $night->venue->houseRules()->all),
            array_map(self::places(...), $score->bars),
            ScoreDocument::of($score, $voice),
            self::heat($energy),
            $other,
        );
    }

    /** @return list<ScoreHeat> */
    private static function heat(NightEnergy $energy): array
    {
        $heat = [];
        foreach ($energy->plans as [$flash, , $plan, $slots]) {
            foreach ($plan->steps as $i => $step) {
                $heat[] = new ScoreHeat($flash->name(), $step->name, $slots[$i]->from, $slots[$i]->until(), round($step->heat, 2), $step->changes, $step->waits());
            }
        }

        return $heat;
    }

    /**
     * @param Collection<int, Moment> $moments
     *
     * @return list<ScoreMoment>
     */
    private static function moments(Collection $moments, NightEnergy $energy, Voice $voice): array
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
        $distance = $moment->distance();

        return new ScoreMoment(
            $moment->id,
            $moment->uid,
            $moment->name,
            BenchHistory::of($moment)->revision(),
            $moment->plan->flag('skipped'),
            self::held($moment),
            $slot->from,
            $slot->until(),
            $moment->room->name,
            $moment->room->height_m,
            $moment->room->isOpenAbove(),
            $moment->plan->has('nearest') ? $moment->plan->number('nearest') : $distance,
            $moment->plan->has('farthest') ? $moment->plan->number('farthest') : $distance,
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
            [Control::Shutter, Control::Aperture, Control::Iso],
            static fn(Control $c): bool => $locks->has($c->value),
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
                    Tint::of($point->colour, Kelvin::of(self::BALANCE)),
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
            if ($at >= $slot->from && $at <= $slot->until()) {
                $readings[] = new ScoreReading($at, round($reading->glow->ev, 2), $reading->spot);
            }
        }

        return $readings;
    }

    private static function rule(HouseRule $rule, Voice $voice): ScoreRule
    {
        return new ScoreRule(
            Evening::minutes($rule->from),
            Evening::minutes($rule->to),
            $rule->note === '' ? $rule->kind->inWords() : "{$rule->kind->inWords()}: $rule->note",
            NightWords::rule($rule, $voice),
        );
    }

    private static function places(ScoredBar $scored): ScorePlaces
    {
        $stand = $scored->stand();
        $stops = static fn(Control $control): float => round((int) $stand->place($control) / 30.0, 3);

        return new ScorePlaces(
            $scored->bar->from,
            $scored->bar->until,
            $stops(Control::Shutter),
            $stops(Control::Aperture),
            $stops(Control::Iso),
            $stand->isOff() ? null : $stops(Control::Output),
            $stand->settings->shutter->label(),
            $stand->settings->aperture->label(),
            $stand->settings->iso->label(),
        );
    }
}
