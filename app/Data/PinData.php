<?php

declare(strict_types=1);

namespace App\Data;

/** Settings that were kept, beside what is set now. */
final readonly class PinData
{
    public function __construct(
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
}
