<?php

declare(strict_types=1);

namespace App\Pages;

use App\Data\TimetableData;
use App\Data\TimetableRow;
use App\Models\Moment;
use App\Models\Night;
use App\Models\User;
use App\Planning\Answers;
use App\Planning\MomentCautions;
use App\Planning\NightEnergy;
use Illuminate\Support\Collection;
use Kaddle\Core\Glow\Sunset;
use Kaddle\Core\Night\Caution;
use Kaddle\Core\Night\HouseRule;
use Kaddle\Core\Night\HouseRules;
use Kaddle\Core\Night\Slot;
use Kaddle\Core\Words\NightWords;
use Kaddle\Core\Words\Voice;

/** A night in time order. */
final readonly class TimetablePage
{
    private function __construct(
        private HouseRules $rules,
        private Answers $answers,
        private NightEnergy $energy,
        private Voice $voice,
    ) {}

    /**
     * @param int $atOnce answers that may be asked for now; the others are pending
     * @param NightEnergy|null $energy of its score, where that is known; otherwise by the answers of the moments
     */
    public static function of(Night $night, User $user, Voice $voice, int $atOnce = Answers::AT_ONCE, ?NightEnergy $energy = null): TimetableData
    {
        $moments = $night->wholeMoments();
        $answers = Answers::of($moments, $atOnce);
        $self = new self(
            $night->venue->houseRules(),
            $answers,
            $energy ?? NightEnergy::of($night, $user, $moments, static fn(Moment $m): ?float => $answers->for($m)?->share),
            $voice,
        );

        return new TimetableData(
            Listings::night($night),
            $night->venue->zone,
            Sunset::on($night->held_on->toDateString(), $night->venue->place())?->format('H:i'),
            $self->rows($moments),
            $answers->pending,
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
                MomentCautions::of($moment, $this->energy->during($moment)),
            ),
            $this->answers->for($moment),
        );
    }
}
