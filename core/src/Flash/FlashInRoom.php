<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Radiosity\Interreflection;
use Kaddle\Core\Room\BoxRoom;
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

    /** The light of heads all over the room, where it is asked for at more places than it is worth preparing. */
    public function lit(Head ...$heads): LitSurfaces
    {
        return LitSurfaces::by($this->room, $this->interreflection, LitSurfaces::RAYS, ...$heads);
    }

    /**
     * The same room with other finishes: its form factors hold on.
     *
     * @param BoxRoom $room of the same size and roof
     */
    public function refinished(BoxRoom $room): self
    {
        return new self($room, $this->interreflection->refinished($room));
    }
}
