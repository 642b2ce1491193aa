<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;

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
        /** The room by its own light. */
        public Stops $room,
        /** The face by flash alone. */
        public Stops $faceFlash,
        /** The face by both. */
        public Stops $face,
        /** The backdrop by flash alone: spill. */
        public Stops $spill,
        /** The backdrop by both. */
        public Stops $backdrop,
    ) {}

    public static function of(Moment $moment, Candidate $candidate): self
    {
        $settings = $candidate->choice->settings;
        $share = $candidate->output->share();
        $room = $settings->offsetOf($moment->glow);
        $flash = $settings->levelOfFlash($candidate->light->onFace() * $share);
        $spill = $settings->levelOfFlash($candidate->light->backdrop * $share);

        return new self($room, $flash, $room->withLight($flash), $spill, $room->withLight($spill));
    }
}
