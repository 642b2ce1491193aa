<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

/**
 * One link in the chain of thought, in words and numbers.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Reason
{
    /** @internal made by ReasonWords only */
    public function __construct(
        /** What it explains: room, shutter, aperture, iso, head, output, backdrop, eyes or doubt. */
        public string $about,
        public string $sentence,
        /** The formula behind it; '' where it is a rule of the trade. */
        public string $formula,
    ) {}
}
