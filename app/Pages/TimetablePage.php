<?php

declare(strict_types=1);

namespace App\Pages;

use App\Data\TimetableData;
use App\Data\TimetableRow;
use App\Models\Moment;
use App\Models\Night;
use App\Models\User;
use App\Planning\MomentCautions;
use App\Planning\NightEnergy;
use Illuminate\Support\Collection;
use Kaddle\Core\Document\ScoreBarDocument;
use Kaddle\Core\Glow\Sunset;
use Kaddle\Core\Night\Caution;
use Kaddle\Core\Night\HouseRule;
use Kaddle\Core\Night\HouseRules;
use Kaddle\Core\Night\Slot;
use Kaddle\Core\Score\Score;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Words\NightWords;
use Kaddle\Core\Words\Voice;

/** A night in time order. */
final readonly class TimetablePage
{
    private function __construct(
        private HouseRules $rules,
        private ?Score $score,
        private ?NightEnergy $energy,
        private Voice $voice,
    ) {}

    /**
     * @param Collection<int, Moment> $moments of the night, in time order, with everything that Moment::WHOLE names
     * @param Score|null $score of the night; null where that is not solved yet: without settings, and without what only they can tell
     */
    public static function of(Night $night, User $user, Collection $moments, ?Score $score, Voice $voice): TimetableData
    {
        $self = new self(
            $night->venue->houseRules(),
            $score,
            $score === null ? null : NightEnergy::by($score, $night, $user, $moments),
            $voice,
        );

        return new TimetableData(
            Listings::night($night),
            $night->venue->zone,
            Sunset::on($night->held_on->toDateString(), $night->venue->place())?->format('H:i'),
            $self->rows($moments),
        );
    }

    /**
     * @param Collection<int, Moment> $moments
     *
     * @return list<TimetableRow>
     */
    private function rows(Collection $moments): array
    {
        $rows = [];
        $busyUntil = null;
        foreach ($moments as $moment) {
            $rows[] = $this->row($moment, $busyUntil);
            $slot = $moment->slot();
            $busyUntil = $busyUntil === null || $slot->until() > $busyUntil->until() ? $slot : $busyUntil;
        }

        return $rows;
    }

    /** @param Slot|null $busyUntil the slot that ends last of those that began before */
    private function row(Moment $moment, ?Slot $busyUntil): TimetableRow
    {
        $slot = $moment->slot();

        return new TimetableRow(
            $moment->id,
            $moment->name,
            $moment->clock(),
            $slot->ends(),
            $slot->from,
            $moment->minutes,
            $busyUntil === null ? null : $slot->after($busyUntil),
            $moment->room->name,
            $moment->room->height_m,
            $moment->room->isOpenAbove(),
            $moment->distance(),
            round($moment->glow(), 2),
            $moment->isGlowFromCurve(),
            $moment->settings->record('look')->number('roomUnder'),
            $moment->plan->text('notes'),
            array_map(fn(HouseRule $r): string => NightWords::rule($r, $this->voice), $this->rules->during($slot)),
            array_map(
                fn(Caution $c): string => NightWords::caution($c, $this->voice),
                MomentCautions::of($moment, $this->energy?->during($moment)),
            ),
            $moment->plan->flag('skipped'),
            $this->score === null ? null : $this->bars($moment, $this->score),
        );
    }

    /** @return list<ScoreBarDocument> */
    private function bars(Moment $moment, Score $score): array
    {
        return array_values(array_map(
            fn(ScoredBar $b): ScoreBarDocument => ScoreBarDocument::of($b, $this->voice),
            array_filter($score->bars, static fn(ScoredBar $b): bool => $b->bar->moment === $moment->uid),
        ));
    }
}
