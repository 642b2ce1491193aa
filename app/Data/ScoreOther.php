<?php

declare(strict_types=1);

namespace App\Data;

/** Another score of the same evening, to be laid over it. */
final readonly class ScoreOther
{
    /** @param list<ScorePlaces> $places */
    public function __construct(
        public string $name,
        /** How they differ, in a sentence. */
        public string $sentence,
        /** Where the controls would stand in each bar. @var list<ScorePlaces> */
        public array $places,
    ) {}
}
