<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;

/** Controls that the photographer holds, as gear shows them; null for one that follows. */
final readonly class LocksDraft
{
    private function __construct(
        public ?string $shutter,
        public ?string $aperture,
        public ?string $iso,
    ) {}

    public static function of(Moment $moment): self
    {
        return new self($moment->lock_tv?->label(), $moment->lock_av?->label(), $moment->lock_sv?->label());
    }
}
