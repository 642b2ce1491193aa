<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Advice\Remedy;
use Kaddle\Core\Words\RemedyWords;
use Kaddle\Core\Words\Voice;

/**
 * Something that would help.
 *
 * @phpstan-all-methods-pure
 */
final readonly class RemedyDocument
{
    private function __construct(
        public string $sentence,
        /** What it is worth in stops; null when it turns nothing into something. */
        public ?float $stops,
    ) {}

    public static function of(Remedy $remedy, Voice $voice): self
    {
        return new self(RemedyWords::of($remedy, $voice), Rounded::stops($remedy->worth));
    }
}
