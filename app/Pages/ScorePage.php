<?php

declare(strict_types=1);

namespace App\Pages;

use App\Data\FavourChoice;
use App\Data\ScoreData;
use App\Data\ScoreHeat;
use App\Data\ScoreOther;
use App\Data\ScorePlaces;
use App\Data\ScoreRule;
use App\Data\ScoreSun;
use App\Models\Moment;
use App\Models\Night;
use App\Planning\NightBars;
use App\Planning\NightEnergy;
use App\Planning\NightScore;
use Illuminate\Support\Collection;
use Kaddle\Core\Document\ScoreDocument;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Glow\Place;
use Kaddle\Core\Glow\SunPosition;
use Kaddle\Core\Glow\Sunset;
use Kaddle\Core\Night\HouseRule;
use Kaddle\Core\Score\Control;
use Kaddle\Core\Score\Difference;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Score\Rehearsal;
use Kaddle\Core\Score\Score;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\NightWords;
use Kaddle\Core\Words\ScoreWords;
use Kaddle\Core\Words\Voice;

/** A night as a score. */
final class ScorePage
{
    /** Minutes from one look at the sun to the next. */
    private const SUN = 20;

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
        $before = NightScore::of($planned, $planned->wholeMoments(), $known);
        $score = NightScore::of($changed, $moments, $known);

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
        $bars = NightBars::byMoment($moments);
        $lenses = NightBars::lenses($moments);
        $rehearsal = count($starts) === 1 ? null : Rehearsal::of(array_merge(...array_values($bars)), $night->favour, $known);

        return array_map(static function (string $start) use ($night, $moment, $moments, $bars, $lenses, $rehearsal, $known, $voice): ScoreData {
            $slid = self::with($moments, $moment, $start);
            $all = array_merge(...$slid->map(static fn(Moment $m): array => $m->id === $moment->id ? NightBars::ofOne($m, $lenses) : $bars[$m->id])->values()->all());
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
        [$date, $place] = [$night->held_on->toDateString(), $night->venue->place()];
        $minute = static fn(?\DateTimeImmutable $at): ?int => $at === null ? null : Evening::minutes($at->format('H:i'));
        $energy = NightEnergy::by($score, $night, $night->user, $moments);

        return new ScoreData(
            $night->venue->zone,
            $minute(Sunset::on($date, $place)),
            $minute(Sunset::twilight($date, $place)),
            self::sun($date, $place, $moments),
            ScoreMoments::of($moments, $energy, $voice),
            array_map(static fn(HouseRule $r): ScoreRule => self::rule($r, $voice), $night->venue->houseRules()->all),
            array_map(self::places(...), $score->bars),
            ScoreDocument::of($score, $voice),
            self::heat($energy),
            $other,
        );
    }

    /**
     * @param Collection<int, Moment> $moments
     *
     * @return list<ScoreSun>
     */
    private static function sun(string $date, Place $place, Collection $moments): array
    {
        $from = Evening::DAY;
        $until = 0;
        foreach ($moments as $moment) {
            [$from, $until] = [min($from, $moment->slot()->from), max($until, $moment->slot()->until())];
        }
        $sun = [];
        for ($at = max(0, $from - self::SUN); $at < min(Evening::DAY, $until + 2 * self::SUN); $at += self::SUN) {
            $position = SunPosition::at($place->latitude, $place->longitude, Evening::momentOf($date, (float) $at, $place->zone));
            $sun[] = new ScoreSun($at, round($position->altitude, 1));
        }

        return $sun;
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
