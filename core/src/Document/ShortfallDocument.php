<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Solve\Limit;
use Kaddle\Core\Solve\Shortfall;
use Kaddle\Core\Solve\ShortfallKind;
use Kaddle\Core\Words\ShortfallWords;

/**
 * Something that the gear cannot give here.
 *
 * @phpstan-all-methods-pure
 */
final readonly class ShortfallDocument
{
    /** @param list<Limit> $limits */
    private function __construct(
        public ShortfallKind $kind,
        /** By how many stops; null when no amount would do. */
        public ?float $stops,
        public string $sentence,
        /** What stands in the way. @var list<Limit> */
        public array $limits,
    ) {}

    public static function of(Shortfall $shortfall): self
    {
        return new self(
            $shortfall->kind,
            Rounded::stops($shortfall->stops),
            ShortfallWords::of($shortfall),
            $shortfall->limits,
        );
    }
}
