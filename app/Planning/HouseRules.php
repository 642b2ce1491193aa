<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Venue;
use Kaddle\Core\Form\PlaceForm;
use Kaddle\Core\Night\RuleKind;
use Kaddle\Core\Night\Slot;
use Kaddle\Core\Reading\Record;

/** What a venue forbids at a time. */
final readonly class HouseRules
{
    /** @param list<array{RuleKind, string, string, string}> $rules kind, from, to, note */
    private function __construct(
        private array $rules,
    ) {}

    public static function of(Venue $venue): self
    {
        return new self(array_map(
            static fn(Record $r): array => [$r->choice('rule', RuleKind::class), $r->text('from'), $r->text('to'), $r->has('note') ? $r->text('note') : ''],
            PlaceForm::shape()->stored($venue->document())->records('rules'),
        ));
    }

    /** @return list<string> sentences for a moment */
    public function during(Slot $slot): array
    {
        $told = [];
        foreach ($this->touching($slot) as [$kind, $from, $to, $note]) {
            $told[] = sprintf('%s–%s%s: %s', $from, $to, $note === '' ? '' : " ($note)", $kind->sentence());
        }

        return $told;
    }

    public function forbidFlash(Slot $slot): bool
    {
        foreach ($this->touching($slot) as [$kind]) {
            if ($kind === RuleKind::NoFlash) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{RuleKind, string, string, string}> */
    private function touching(Slot $slot): array
    {
        return array_values(array_filter($this->rules, static fn(array $r): bool => $slot->touches($r[1], $r[2])));
    }
}
