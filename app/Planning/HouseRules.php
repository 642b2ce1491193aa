<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Venue;
use Kaddle\Core\Form\PlaceForm;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Night\HouseRule;
use Kaddle\Core\Night\RuleKind;
use Kaddle\Core\Night\Slot;

/** What a venue forbids at a time. */
final readonly class HouseRules
{
    /** @param list<HouseRule> $rules */
    private function __construct(
        private array $rules,
    ) {}

    public static function of(Venue $venue): self
    {
        return self::told($venue->rules);
    }

    /** @param array<array-key, mixed> $rules as a place keeps them */
    public static function told(array $rules): self
    {
        return new self(array_map(
            static fn(Record $r): HouseRule => HouseRule::of(
                $r->choice('rule', RuleKind::class),
                $r->text('from'),
                $r->text('to'),
                $r->has('note') ? $r->text('note') : '',
            ),
            PlaceForm::shape()->stored(['rules' => $rules])->records('rules'),
        ));
    }

    /** @return list<HouseRule> those that hold during a moment */
    public function during(Slot $slot): array
    {
        return array_values(array_filter($this->rules, static fn(HouseRule $rule): bool => $rule->holdsDuring($slot)));
    }

    public function forbidFlash(Slot $slot): bool
    {
        return array_filter(
            $this->during($slot),
            static fn(HouseRule $rule): bool => $rule->kind === RuleKind::NoFlash,
        ) !== [];
    }
}
