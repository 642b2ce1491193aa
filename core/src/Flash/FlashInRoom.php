<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Interreflection;
use Kaddle\Core\Room\Probe;

/**
 * Start here: how much light of a flash reaches places in a room, directly,
 * after one reflection, and after all later ones.
 *
 * A room is prepared once, the places in it once, and then any number of heads
 * is cheap: FlashInRoom::of($room)->at($probes)->exposures($head). Bodies do
 * not block light in this model.
 */
final readonly class FlashInRoom
{
    private function __construct(
        private BoxRoom $room,
        private Interreflection $interreflection,
    ) {}

    public static function of(BoxRoom $room): self
    {
        return new self($room, Interreflection::in($room));
    }

    /** @param array<string, Probe> $probes the places that matter, by name */
    public function at(array $probes): ProbedRoom
    {
        return ProbedRoom::of($this->room, $this->interreflection, $probes);
    }

    /**
     * Luminous exposure straight from the head, lx·s: I(θ)·cos/d²; none where probe and head are one point.
     *
     * @phpstan-pure
     */
    public static function direct(Head $head, Probe $probe): float
    {
        $way = $probe->point->minus($head->position);
        $arriving = -$way->dot($probe->normal->unit);
        if ($arriving <= 0.0) {
            return 0.0;
        }
        $distance = $way->length();

        return $head->beam->towards($way->dot($head->direction->unit) / $distance) * $arriving / $distance ** 3;
    }
}
