<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Situation\Moment;

/**
 * A length in the picture.
 *
 * @phpstan-all-methods-pure
 */
final readonly class SmearDocument
{
    private function __construct(
        /** % of the frame's width. */
        public float $percent,
        /** mm on the frame. */
        public float $mm,
        /** Pixels of the body. */
        public float $pixels,
    ) {}

    /** @param float $share frame widths */
    public static function of(float $share, Moment $moment): self
    {
        return new self(
            round(100.0 * $share, 3),
            round(1000.0 * $share * $moment->optics->frameWidth(), 4),
            round($share * $moment->body->pixels, 1),
        );
    }
}
