<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

use Kaddle\Core\Quantity\Sentence;

/**
 * What is wrong with one field of a document.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Fault
{
    /** The same in SI units. */
    public string $message;

    /** @internal */
    public function __construct(
        /** Path of the field, "room.height"; '' for the document as a whole. */
        public string $field,
        /** With the allowed range. */
        public Sentence $sentence,
    ) {
        $this->message = $sentence->plain();
    }
}
