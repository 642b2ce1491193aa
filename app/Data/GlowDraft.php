<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;

/** The glow, told in one of two ways: exactly one of the fields is set. */
final readonly class GlowDraft
{
    private function __construct(
        /** EV at ISO 100. */
        public ?float $ev,
        /** The exposure that a meter gave. */
        public ?MeteredDraft $metered,
    ) {}

    public static function of(Moment $moment): self
    {
        return $moment->metered_tv !== null && $moment->metered_av !== null && $moment->metered_sv !== null
            ? new self(null, new MeteredDraft($moment->metered_tv->label(), $moment->metered_av->label(), $moment->metered_sv->label()))
            : new self($moment->glow_ev, null);
    }
}
