<?php

declare(strict_types=1);

namespace Kaddle\Core\Meter;

use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Gear\Metering;
use Kaddle\Core\Quantity\ExactStops;

/**
 * A unit that sets its output by a preflash.
 *
 * The meter takes the framed mixture for mid-grey. How far that is off the face is damped by
 * how clever the metering is; the same share of the error stays at every frame.
 *
 * @see docs/physics.md, “Who sets the output”
 */
final readonly class FlashMeter
{
    /** Compensation that units and bodies offer, stops either way. */
    public const RANGE = 3.0;

    /** No preflash is wrong by more: meters give up before. */
    private const WORST = 4.0;

    private function __construct(
        private Metering $metering,
        private FlashUnit $unit,
    ) {}

    public static function of(Metering $metering, FlashUnit $unit): self
    {
        return new self($metering, $unit);
    }

    /** Stops by which it gives the face more (above 0) or less than it should. */
    public function error(FrameLight $frame): float
    {
        $raw = $frame->metered($this->metering->weightOfTheMiddle()) - $frame->wanted();

        return $this->metering->gullibility() * max(-self::WORST, min(self::WORST, is_nan($raw) ? 0.0 : $raw));
    }

    /** The compensation that undoes it, in clicks of the unit, within what there is. */
    public function advice(FrameLight $frame): ExactStops
    {
        return ExactStops::nearest(max(-self::RANGE, min(self::RANGE, -$this->error($frame))), $this->unit->step);
    }

    /** Whether the error is larger than compensation reaches. */
    public function isBeyond(FrameLight $frame): bool
    {
        return abs($this->error($frame)) > self::RANGE;
    }

    /** Output that it gives, in stops under full, within what the unit has. */
    public function output(FrameLight $frame, float $compensation): float
    {
        return max(
            $this->unit->lowest->value(),
            min(0.0, $frame->wanted() + $this->error($frame) + $compensation),
        );
    }
}
