<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

/**
 * One click of a control.
 *
 * @phpstan-all-methods-pure
 */
final readonly class TickDocument
{
    /** @internal */
    public function __construct(
        public string $label,
        /** Thirtieths of a stop on the control's own scale. */
        public int $thirtieths,
        /** What goes wrong there, in a word or two; null where nothing does. */
        public ?string $trouble,
    ) {}
}
