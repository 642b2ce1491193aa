<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Room\Finish;

/**
 * What one change of the scene does to the flash on the face, all settings left alone.
 *
 * @phpstan-all-methods-pure
 */
final readonly class ChangeCost
{
    private function __construct(
        /** What it changes to. */
        public Length|Finish|ZoomStep $to,
        /** Light on the face after the change against before; below 0 is darker. */
        public Stops $gain,
        /** Clicks of output that make up for it; above 0 turns up. */
        public int $clicks,
    ) {}

    /**
     * @param Stops $gain light on the face after the change against before
     */
    public static function of(Length|Finish|ZoomStep $to, Stops $gain, FlashUnit $unit): self
    {
        $clicks = ExactStops::nearest(-$gain->value, $unit->step)->thirtieths / $unit->step->thirtieths();

        return new self($to, $gain, (int) $clicks);
    }

    /** What it changes to as a number: m, a reflectance from 0 to 1, or mm. */
    public function value(): float
    {
        return match (true) {
            $this->to instanceof Length => round($this->to->metres, 2),
            $this->to instanceof Finish => round($this->to->reflectance()->share->luminance(), 3),
            default => $this->to->focalLength,
        };
    }
}
