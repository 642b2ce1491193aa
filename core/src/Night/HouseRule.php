<?php

declare(strict_types=1);

namespace Kaddle\Core\Night;

/** What a house forbids, and when. */
final readonly class HouseRule
{
    private function __construct(
        public RuleKind $kind,
        /** "18:00" */
        public string $from,
        /** "18:40" */
        public string $to,
        /** Why, or where; '' for nothing. */
        public string $note,
    ) {}

    /**
     * @param string $from "18:00"
     * @param string $to "18:40"
     */
    public static function of(RuleKind $kind, string $from, string $to, string $note): self
    {
        return new self($kind, $from, $to, $note);
    }

    public function holdsDuring(Slot $slot): bool
    {
        return $slot->touches($this->from, $this->to);
    }
}
