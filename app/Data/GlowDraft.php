<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;

/** The glow, told in one of three ways. */
final readonly class GlowDraft
{
    private function __construct(
        /** EV at ISO 100; null when told otherwise. */
        public ?float $ev,
        /** The exposure that a meter gave; null when told otherwise. */
        public ?MeteredDraft $metered,
        /** Whether the room's curve tells it. */
        public bool $curve,
    ) {}

    public static function of(Moment $moment): self
    {
        return new self(
            $moment->glow_ev,
            MeteredDraft::of($moment->metered()),
            $moment->glow_from_curve,
        );
    }
}
