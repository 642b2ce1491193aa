<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Words\Reason;

/**
 * One link in the chain of thought.
 *
 * @phpstan-all-methods-pure
 */
final readonly class ReasonDocument
{
    private function __construct(
        /** What it explains: room, on-face, shutter, aperture, iso, movement, head, output, backdrop, eyes or doubt. */
        public string $about,
        public string $sentence,
        /** The formula behind it, '' where it is a rule of the trade. */
        public string $formula,
    ) {}

    public static function of(Reason $reason): self
    {
        return new self($reason->about, $reason->sentence, $reason->formula);
    }
}
