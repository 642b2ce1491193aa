<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Score\Change;
use Kaddle\Core\Score\Control;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Words\ScoreWords;

/** A control that is turned, or a thing that is changed, on the way into a bar. */
final readonly class ChangeDocument
{
    private function __construct(
        public Control $control,
        /** Above 0 is faster, narrower, higher, more; 0 for what has no clicks. */
        public int $clicks,
        /** What it costs, in turns of a wheel under a finger. */
        public float $turns,
        /** "ISO 3 up" */
        public string $label,
        /** What it would cost to leave it. */
        public string $why,
    ) {}

    public static function of(Change $change, ScoredBar $bar): self
    {
        return new self(
            $change->control,
            $change->clicks,
            $change->turns,
            ScoreWords::change($change, $bar),
            ScoreWords::why($change, $bar),
        );
    }
}
