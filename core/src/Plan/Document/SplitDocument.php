<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan\Document;

use Kaddle\Core\Flash\Exposure;

/**
 * How the flash reaches the face: shares of its light there, together 1 unless there is none.
 *
 * @phpstan-all-methods-pure
 */
final readonly class SplitDocument
{
    private function __construct(
        /** Straight from the head, 0 to 1. */
        public float $direct,
        /** After one reflection, 0 to 1. */
        public float $first,
        /** After more, 0 to 1. */
        public float $later,
    ) {}

    public static function of(Exposure $face): self
    {
        $total = max(1e-12, $face->total()->luminance());

        return new self(
            round($face->direct->luminance() / $total, 4),
            round($face->first->luminance() / $total, 4),
            round($face->later->luminance() / $total, 4),
        );
    }
}
