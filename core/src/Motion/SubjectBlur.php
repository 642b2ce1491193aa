<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * Start here: how far somebody who moves across the picture smears while the shutter is open.
 *
 * On the sensor f·v·t/(d − f), thin lens; told as a share of the frame's width, 36 mm over the
 * crop factor. It is the room's light that smears; a pop does as far as it lasts (PopHold).
 *
 * @see docs/physics.md, “Marks on the rules”
 *
 * @phpstan-all-methods-pure
 */
final readonly class SubjectBlur
{
    /** Share of the frame's width that still looks sharp: two circles of confusion of 0.03 mm in 36 mm. */
    public const SHARP = 0.06 / 36.0;

    private function __construct(
        /** Share of the frame's width in each second. */
        private float $perSecond,
    ) {}

    /**
     * @param float $distance m to the subject, above 0
     * @param float $speed m/s across the picture, 0 or more
     *
     * @throws OutOfRange
     */
    public static function atMetres(Optics $optics, float $distance, float $speed): self
    {
        $f = $optics->metres();
        $away = Range::between(0.01, 1000.0, 'm', 0.1)->checked('distance', $distance) - $f;

        return new self(
            $f * Range::between(0.0, 100.0, 'm/s', 0.1)->checked('speed', $speed) / max(1e-6, $away) / $optics->frameWidth(),
        );
    }

    /** Share of the frame's width that the subject smears over. */
    public function shareAt(Shutter $shutter): float
    {
        return $this->shareFor($shutter->seconds());
    }

    /**
     * The same while light lasts so long.
     *
     * @param float $seconds 0 or more
     */
    public function shareFor(float $seconds): float
    {
        return $this->perSecond * $seconds;
    }

    /** Time value Tv from which on the smear still looks sharp; endlessly slow for who holds quite still. */
    public function sharpFrom(): float
    {
        return $this->perSecond > 0.0 ? log($this->perSecond / self::SHARP, 2) : -INF;
    }
}
