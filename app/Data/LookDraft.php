<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;
use Kaddle\Core\Wish\School;

/** How the picture should read. */
final readonly class LookDraft
{
    private function __construct(
        /** Stops under metered at which the room should read. */
        public float $roomUnder,
        /** Aperture liked for this moment, as the lens shows it. */
        public string $aperture,
        /** Controls that are held; the others follow. */
        public LocksDraft $locks,
        /** Which controls follow. */
        public School $school,
        /** The brightest thing that must hold detail; null where the room is told in stops. */
        public ?KeepDraft $keep,
        /** Stops under correct, of flash where the room lights the face already. */
        public float $fill,
        /** Stops of neutral density before the lens. */
        public float $nd,
        /** Whether the flash may pulse through a shutter faster than sync speed. */
        public bool $highSpeed,
    ) {}

    public static function of(Moment $moment): self
    {
        return new self(
            $moment->room_under_stops,
            $moment->working_av->label(),
            LocksDraft::of($moment),
            $moment->school,
            KeepDraft::of($moment),
            $moment->fill_stops,
            $moment->nd_stops,
            $moment->high_speed,
        );
    }
}
