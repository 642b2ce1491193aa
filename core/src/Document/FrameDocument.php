<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

/**
 * A test frame.
 *
 * @phpstan-all-methods-pure
 */
final readonly class FrameDocument
{
    /** @internal made by WaysDocument only */
    public function __construct(
        /** "1/64" */
        public string $output,
        /** Level of the face to expect, stops against correct. */
        public float $face,
    ) {}
}
