<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Score\Favour;

/** The same night solved for something else, to be laid over it. */
final readonly class ScoreOther
{
    /** @param list<ScorePlaces> $places */
    public function __construct(
        public Favour $favour,
        public string $name,
        /** What it would change, in a sentence. */
        public string $sentence,
        /** Where the controls would stand in each bar. @var list<ScorePlaces> */
        public array $places,
    ) {}
}
