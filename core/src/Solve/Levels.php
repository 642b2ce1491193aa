<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Wish\Hold;

/**
 * What the picture will show, in stops against correct; positive is brighter.
 *
 * @see docs/physics.md, “Ambient spill”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Levels
{
    private function __construct(
        /** What is behind by the room's own light. */
        public Stops $room,
        /** The face by it. */
        public Stops $faceRoom,
        /** The face by flash alone. */
        public Stops $faceFlash,
        /** The face by both. */
        public Stops $face,
        /** The backdrop by flash alone: spill. */
        public Stops $spill,
        /** The backdrop by both. */
        public Stops $backdrop,
    ) {}

    /** The one of both lights of the room that is held. */
    public function held(Hold $hold): Stops
    {
        return $hold === Hold::Face ? $this->faceRoom : $this->room;
    }

    public static function of(Moment $moment, Candidate $candidate): self
    {
        $settings = $candidate->choice->settings;
        $share = $candidate->output->share();
        $room = $settings->offsetOf($moment->glow);
        $flash = $settings->levelOfFlash($candidate->light->onFace() * $share);
        $spill = $settings->levelOfFlash($candidate->light->backdrop * $share);

        $faceRoom = $moment->onFace === $moment->glow ? $room : $settings->offsetOf($moment->onFace);

        return new self($room, $faceRoom, $flash, $faceRoom->withLight($flash), $spill, $room->withLight($spill));
    }
}
