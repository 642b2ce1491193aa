<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

/**
 * Bodies that are worn side by side, each with a flash of its own: what one is set to stays while the other is used.
 *
 * Bodies that share a unit are one rig, for then something is moved between them; a flash that is off is on none.
 *
 * @see docs/physics.md, “What a turn costs”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Rigs
{
    /** @param list<int> $numbers of the rig of each bar */
    private function __construct(
        public array $numbers,
    ) {}

    /** @param list<Bar> $bars */
    public static function of(array $bars): self
    {
        $rigs = [];
        foreach ($bars as $bar) {
            $own = "body {$bar->inHand->body->identity}";
            $rigs[$own] ??= count($rigs);
            if ($bar->light->look->withoutFlash) {
                continue;
            }
            $unit = "unit {$bar->inHand->unit->identity}";
            $shared = $rigs[$unit] ?? $rigs[$own];
            // Both are one from here on, and everything that was one with either.
            $rigs = array_map(static fn(int $rig): int => $rig === $rigs[$own] ? $shared : $rig, $rigs);
            $rigs[$unit] = $shared;
        }

        return new self(array_map(static fn(Bar $b): int => $rigs["body {$b->inHand->body->identity}"], $bars));
    }

    /** @return array<int, non-empty-list<int>> places of the bars of each rig */
    public function places(): array
    {
        $places = [];
        foreach ($this->numbers as $place => $rig) {
            $places[$rig][] = $place;
        }

        return $places;
    }
}
