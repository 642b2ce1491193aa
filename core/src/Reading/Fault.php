<?php

declare(strict_types=1);

namespace Kaddle\Core\Reading;

/**
 * What is wrong with one field of a document.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Fault
{
    /** @internal */
    public function __construct(
        /** Path of the field, "room.height"; '' for the document as a whole. */
        public string $field,
        /** A sentence with the allowed range. */
        public string $message,
    ) {}
}
