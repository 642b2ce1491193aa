<?php

declare(strict_types=1);

namespace App\Data;

/** Something that a house forbids, on the score. */
final readonly class ScoreRule
{
    public function __construct(
        /** Minutes since six in the morning. */
        public int $from,
        /** Minutes since six in the morning. */
        public int $until,
        /** "no flash" */
        public string $name,
        public string $sentence,
    ) {}
}
