<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Quantity\Stops;

/**
 * By how much the gear misses the wish, and which limits stand in the way.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Shortfall
{
    /**
     * @param Stops $stops how far it misses, above 0
     * @param list<Limit> $limits that bound it
     */
    private function __construct(
        public ShortfallKind $kind,
        public Stops $stops,
        public array $limits,
    ) {}

    /** @return list<self> everything that a candidate misses; empty when it gives what was asked */
    public static function allOf(Candidate $candidate): array
    {
        $choice = $candidate->choice;
        $misses = [
            [
                ShortfallKind::RoomTooDark,
                $choice->tooDark,
                [$choice->shutterBound, $choice->apertureBound, $choice->isoBound],
            ],
            [
                ShortfallKind::RoomTooBright,
                $choice->tooBright,
                [$choice->shutterBound, $choice->apertureBound, $choice->isoBound],
            ],
            [ShortfallKind::FlashTooWeak, $candidate->tooWeak(), [Limit::FullOutput]],
            [ShortfallKind::FlashTooStrong, $candidate->tooStrong(), [Limit::LowestOutput]],
            [ShortfallKind::Shaky, $choice->shaky, [$choice->shutterBound === Limit::Held ? Limit::Held : Limit::Sync]],
        ];
        $all = [];
        foreach ($misses as [$kind, $stops, $limits]) {
            if ($stops > 0.0) {
                $all[] = new self($kind, Stops::of($stops), $limits);
            }
        }

        return $all;
    }

    /** Whether a limit is among those that bound it. */
    public function has(Limit $limit): bool
    {
        return in_array($limit, $this->limits, true);
    }
}
