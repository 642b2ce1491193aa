<?php

declare(strict_types=1);

namespace App\Data;

/** How the picture should read. */
final readonly class LookDraft
{
    public function __construct(
        /** Stops under metered at which the room should read. */
        public float $roomUnder,
        /** Aperture liked for this moment, as the lens shows it. */
        public string $aperture,
        /** Controls that are held; the others follow. */
        public LocksDraft $locks,
    ) {}
}
