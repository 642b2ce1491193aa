<?php

declare(strict_types=1);

namespace Kaddle\Core\Night;

/** What a house forbids through an evening. */
final readonly class HouseRules
{
    /** @param list<HouseRule> $all */
    private function __construct(
        public array $all,
    ) {}

    /** @param list<HouseRule> $rules */
    public static function of(array $rules): self
    {
        return new self($rules);
    }

    /** @return list<HouseRule> those that hold during a moment */
    public function during(Slot $slot): array
    {
        return array_values(array_filter($this->all, static fn(HouseRule $rule): bool => $rule->holdsDuring($slot)));
    }

    public function forbidFlash(Slot $slot): bool
    {
        return array_filter(
            $this->during($slot),
            static fn(HouseRule $rule): bool => $rule->kind === RuleKind::NoFlash,
        ) !== [];
    }
}
