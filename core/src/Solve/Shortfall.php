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
            [ShortfallKind::RoomTooDark, $choice->tooDark, [$choice->shutterBound, $choice->apertureBound, $choice->isoBound]],
            [ShortfallKind::RoomTooBright, $choice->tooBright, [$choice->shutterBound, $choice->apertureBound, $choice->isoBound]],
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

    public function sentence(): string
    {
        $by = $this->stops->amount();
        $none = is_infinite($this->stops->value);
        $held = in_array(Limit::Held, $this->limits, true);

        return match ($this->kind) {
            ShortfallKind::RoomTooDark => $held ? "The room reads $by darker than you wish with what you hold; let one of them go." : sprintf('The room reads %s darker than you wish, at %s, wide open, at your highest ISO.', $by, in_array(Limit::LongestTime, $this->limits, true) ? 'two seconds' : 'the slowest shutter you can hold'),
            ShortfallKind::RoomTooBright => $held ? "The room reads $by brighter than you wish with what you hold; let one of them go." : sprintf('The room reads %s brighter than you wish, at %s, closed down, at the lowest ISO.', $by, in_array(Limit::FastestShutter, $this->limits, true) ? 'the fastest shutter' : 'sync speed'),
            ShortfallKind::FlashTooWeak => $none
                ? 'No light of the flash reaches the face this way.'
                : "The flash falls short by $by at full power.",
            ShortfallKind::FlashTooStrong => "The flash is $by too strong at its lowest power.",
            ShortfallKind::Shaky => $held ? "The shutter that you hold is $by slower than hands hold this lens: the room will show the shake, the pop will not." : "Sync speed is $by slower than you can hold this lens: the room will show the shake, the pop will not.",
        };
    }
}
