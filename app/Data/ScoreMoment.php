<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Score\Control;

/** A moment over the staffs of a score. */
final readonly class ScoreMoment
{
    /**
     * @param list<Control> $held
     * @param list<ScorePoint> $points
     * @param list<ScoreReading> $readings
     * @param list<string> $cautions
     */
    public function __construct(
        public int $id,
        public string $uid,
        public string $name,
        /** What a change of it must have seen. */
        public string $revision,
        /** Whether it is left out of the score. */
        public bool $skipped,
        /** What is held where it stands. @var list<Control> */
        public array $held,
        /** Whether all of it stays as it stood. */
        public bool $stays,
        /** Minutes since six in the morning. */
        public int $from,
        /** Minutes since six in the morning. */
        public int $until,
        public string $room,
        /** m */
        public float $ceiling,
        /** Whether there is nothing overhead. */
        public bool $openAbove,
        /** m to the nearest subject. */
        public float $nearest,
        /** m to the farthest. */
        public float $farthest,
        /** Glow of its room while it lasts. @var list<ScorePoint> */
        public array $points,
        /** Of its room, at its hours. @var list<ScoreReading> */
        public array $readings,
        /** What wants care from here on, and did not in the moment before. @var list<string> */
        public array $cautions,
        /** Minutes since all before it were over, below 0 for an overlap; null for the first. */
        public ?int $gap,
    ) {}
}
