<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Document\ScoreDocument;

/** The cards of a night. */
final readonly class CardsData
{
    /** @param list<string> $rooms */
    public function __construct(
        public ScoreDocument $score,
        /** Name of the room of each bar. @var list<string> */
        public array $rooms,
    ) {}
}
