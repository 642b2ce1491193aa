<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Drag\AskPart;
use Kaddle\Core\Drag\AskTrial;
use Kaddle\Core\Words\AskWords;

/** A thing that a look asks and the gear cannot give. */
final readonly class AskMissDocument
{
    private function __construct(
        public AskPart $part,
        /** By which it is missed; null where no amount would do. */
        public ?float $stops,
        public string $sentence,
    ) {}

    /** @param float $stops by which it is missed, AskTrial::NEVER where no amount would do */
    public static function of(string $part, float $stops): self
    {
        $known = AskPart::from($part);

        return new self($known, $stops < AskTrial::NEVER ? round($stops, 2) : null, AskWords::miss($known, $stops));
    }
}
