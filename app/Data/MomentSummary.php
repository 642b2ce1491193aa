<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;
use Kaddle\Core\Exposure\ExposureSettings;

/** A moment in the list of a night. */
final readonly class MomentSummary
{
    private function __construct(
        public int $id,
        public string $name,
        /** "19:30" */
        public string $startsAt,
        public string $room,
        /** m */
        public float $ceiling,
        /** Whether there is nothing overhead. */
        public bool $openAbove,
        /** m */
        public float $distance,
        /** EV at ISO 100 */
        public float $glow,
        /** Stops under metered at which the room should read. */
        public float $roomUnder,
    ) {}

    public static function of(Moment $moment): self
    {
        return new self(
            $moment->id,
            $moment->name,
            $moment->clock(),
            $moment->room->name,
            $moment->room->height_m,
            $moment->room->ceiling_finish->reflectance()->share->luminance() === 0.0,
            $moment->subject_distance_m,
            round(self::glow($moment), 2),
            $moment->room_under_stops,
        );
    }

    private static function glow(Moment $moment): float
    {
        if ($moment->metered_tv === null || $moment->metered_av === null || $moment->metered_sv === null) {
            return $moment->glow_ev ?? 0.0;
        }

        return ExposureSettings::of($moment->metered_tv, $moment->metered_av, $moment->metered_sv)->meteredGlow()->ev;
    }
}
