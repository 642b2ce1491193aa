<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;
use App\Planning\Answers;
use App\Planning\HouseRules;
use App\Planning\MomentCautions;
use Kaddle\Core\Night\Slot;
use Kaddle\Core\Power\EnergyStep;

/** A moment in the timetable of its night. */
final readonly class TimetableRow
{
    /**
     * @param list<string> $rules
     * @param list<string> $cautions
     */
    private function __construct(
        public int $id,
        public string $name,
        /** "19:30" */
        public string $startsAt,
        /** "20:20" */
        public string $endsAt,
        /** Minutes from six in the morning to its start. */
        public int $from,
        public int $minutes,
        /** Minutes since the last one that began before has ended; below 0 they overlap, null for the first. */
        public ?int $gap,
        public string $room,
        /** m */
        public float $ceiling,
        /** Whether there is nothing overhead. */
        public bool $openAbove,
        /** m */
        public float $distance,
        /** EV at ISO 100 */
        public float $glow,
        /** Whether the room's curve tells the glow. */
        public bool $fromCurve,
        /** Stops under metered at which the room should read. */
        public float $roomUnder,
        /** Shot notes; empty for none. */
        public string $notes,
        /** What the house forbids then. @var list<string> */
        public array $rules,
        /** What wants care. @var list<string> */
        public array $cautions,
        /** Null while it is not reckoned yet. */
        public ?AnswerData $answer,
    ) {}

    /** @param Slot|null $busyUntil the slot that ends last of those that began before */
    public static function of(Moment $moment, ?Slot $busyUntil, HouseRules $rules, Answers $answers, EnergyStep $energy): self
    {
        $slot = $moment->slot();

        return new self(
            $moment->id,
            $moment->name,
            $moment->clock(),
            $slot->ends(),
            $slot->from,
            $moment->minutes,
            $busyUntil === null ? null : $slot->after($busyUntil),
            $moment->room->name,
            $moment->room->height_m,
            $moment->room->ceiling_finish->reflectance()->share->luminance() === 0.0,
            $moment->distance(),
            round($moment->glow(), 2),
            $moment->isGlowFromCurve(),
            $moment->settings->record('look')->number('roomUnder'),
            $moment->plan->text('notes'),
            $rules->during($slot),
            MomentCautions::of($moment, $energy),
            $answers->for($moment),
        );
    }
}
