<?php

declare(strict_types=1);

namespace App\Data;

/** Settings as a camera shows them. */
final readonly class MeteredDraft
{
    public function __construct(
        public string $shutter,
        public string $aperture,
        public string $iso,
    ) {}
}
