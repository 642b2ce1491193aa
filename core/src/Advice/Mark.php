<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

/**
 * Where on a control's scale something is fine.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Mark
{
    /**
     * @internal made by Marks only
     *
     * @param list<int> $at
     */
    public function __construct(
        public MarkKind $kind,
        public string $sentence,
        /** Thirtieths of a stop on the control's own scale from which on it is fine; null for no such end. */
        public ?int $from,
        /** Up to where. */
        public ?int $to,
        /** Single steps at which it is fine, where it is no range. */
        public array $at = [],
    ) {}
}
