<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Night;
use App\Models\User;
use App\Planning\Answers;
use App\Planning\HouseRules;
use App\Planning\NightEnergy;
use Kaddle\Core\Glow\Sunset;

/** A night in time order. */
final readonly class TimetableData
{
    /** @param list<TimetableRow> $rows */
    private function __construct(
        public NightData $night,
        public string $zone,
        /** By the clocks of the place; null where the sun does not go down. */
        public ?string $sunset,
        /** @var list<TimetableRow> */
        public array $rows,
        /** Moments whose settings are not reckoned yet. */
        public int $pending,
    ) {}

    /** @param int $atOnce answers that may be asked for now */
    public static function of(Night $night, User $user, int $atOnce = Answers::AT_ONCE): self
    {
        $moments = $night->wholeMoments();
        $answers = Answers::of($moments, $atOnce);
        $energy = NightEnergy::of($night, $user, $moments, $answers);
        $rules = HouseRules::of($night->venue);
        $rows = [];
        $busyUntil = null;
        foreach ($moments as $moment) {
            $rows[] = TimetableRow::of($moment, $busyUntil, $rules, $answers, $energy->during($moment));
            $slot = $moment->slot();
            $busyUntil = $busyUntil === null || $slot->until() > $busyUntil->until() ? $slot : $busyUntil;
        }

        return new self(
            NightData::of($night),
            $night->venue->zone,
            Sunset::on($night->held_on->toDateString(), $night->venue->place())?->format('H:i'),
            $rows,
            $answers->pending,
        );
    }
}
