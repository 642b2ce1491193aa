<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Advice\Pinned;
use Kaddle\Core\Quantity\Step;

/** Settings that were kept, beside what is set now. */
final readonly class PinData
{
    private function __construct(
        public string $id,
        public string $shutter,
        public string $aperture,
        public string $iso,
        public string $output,
        public string $head,
        /** The face by room and flash, stops. */
        public float $face,
        /** The far wall by both, stops. */
        public float $backdrop,
        /** What to turn to get there from what is set now. */
        public string $turns,
        /** The draft that it answered, in the room as it is now. */
        public MomentDraft $draft,
    ) {}

    public static function of(string $id, Pinned $pinned, MomentDraft $draft, Pinned $now, Step $camera, Step $unit): self
    {
        return new self(
            $id,
            $pinned->settings->shutter->label(),
            $pinned->settings->aperture->label(),
            $pinned->settings->iso->label(),
            $pinned->output->label(),
            $pinned->head,
            $pinned->face,
            $pinned->backdrop,
            $pinned->turnsFrom($now, $camera, $unit),
            $draft,
        );
    }
}
