<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Advice\Mark;
use Kaddle\Core\Advice\MarkKind;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Words\MarkWords;
use Kaddle\Core\Words\Voice;

/**
 * A limit on a control's scale.
 *
 * @phpstan-all-methods-pure
 */
final readonly class MarkDocument
{
    /** @param list<int> $at */
    private function __construct(
        public MarkKind $kind,
        public string $sentence,
        /** Thirtieths of a stop from which on it is fine; null for no such end. */
        public ?int $from,
        /** Up to where. */
        public ?int $to,
        /** Single steps at which it is fine, where it is no range. @var list<int> */
        public array $at,
    ) {}

    public static function of(Mark $mark, Moment $moment, Voice $voice): self
    {
        return new self($mark->kind, MarkWords::of($mark, $moment, $voice), $mark->from, $mark->to, $mark->at);
    }
}
