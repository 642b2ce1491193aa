<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Document\ScoreBarDocument;

/** A moment in the timetable of its night. */
final readonly class TimetableRow
{
    /**
     * @param list<string> $rules
     * @param list<string> $cautions
     * @param list<ScoreBarDocument>|null $bars
     */
    public function __construct(
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
        /** Whether it is left out of the score. */
        public bool $skipped,
        /** Its bars in the score; null while the night is not solved yet. @var list<ScoreBarDocument>|null */
        public ?array $bars,
    ) {}
}
