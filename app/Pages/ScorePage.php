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
use App\Data\ScoreRule;
use App\Models\Moment;
use App\Models\Night;
use App\Planning\BenchHistory;
use App\Planning\NightBars;
use App\Planning\NightEnergy;
use Illuminate\Support\Collection;
use Kaddle\Core\Document\ScoreDocument;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Glow\Sunset;
use Kaddle\Core\Night\HouseRule;
use Kaddle\Core\Score\Control;
use Kaddle\Core\Score\Difference;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\NightSolver;
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

    /** @param Collection<int, Moment> $moments */
    private static function data(Night $night, Collection $moments, Score $score, ?ScoreOther $other, Voice $voice): ScoreData
    {
        $sunset = Sunset::on($night->held_on->toDateString(), $night->venue->place())?->format('H:i');

        return new ScoreData(
            $night->venue->zone,
            $sunset === null ? null : Evening::minutes($sunset),
            array_values($moments->map(self::moment(...))->all()),
            array_map(static fn(HouseRule $r): ScoreRule => self::rule($r, $voice), $night->venue->houseRules()->all),
            array_map(self::places(...), $score->bars),
            ScoreDocument::of($score, $voice),
            self::heat(NightEnergy::by($score, $night, $night->user, $moments)),
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

    private static function moment(Moment $moment): ScoreMoment
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
                $points[] = new ScorePoint($at, round($point->glow->ev, 2), round($point->doubt, 2), (int) round($point->colour->kelvin, -1));
            } else {
                $points[] = new ScorePoint($at, round($moment->glow(), 2), Tolerance::GLOW, null);
            }
        }

        return $points;
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
