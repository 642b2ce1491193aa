<?php

declare(strict_types=1);

namespace App\Data;

/** A moment over the staffs of a score. */
final readonly class ScoreMoment
{
    /** @param list<ScorePoint> $points */
    public function __construct(
        public int $id,
        public string $uid,
        public string $name,
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
    ) {}
}
