<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Stops;

/**
 * Shutter, aperture and ISO as set on the camera.
 *
 * @see docs/physics.md, “Exposure”
 *
 * @phpstan-all-methods-pure
 */
final readonly class ExposureSettings
{
    private function __construct(
        public Shutter $shutter,
        public Aperture $aperture,
        public Iso $iso,
        public Aids $aids,
    ) {}

    public static function of(Shutter $shutter, Aperture $aperture, Iso $iso, ?Aids $aids = null): self
    {
        return new self($shutter, $aperture, $iso, $aids ?? Aids::none());
    }

    /** Whether all three controls stand on the same click. */
    public function equals(self $other): bool
    {
        return $this->shutter->tv->thirtieths === $other->shutter->tv->thirtieths
            && $this->aperture->av->thirtieths === $other->aperture->av->thirtieths
            && $this->iso->sv->thirtieths === $other->iso->sv->thirtieths;
    }

    /**
     * The brightness that these settings expose as metered: log2(N²/t) − log2(S/100).
     *
     * @param string $what was metered, for the sentence
     *
     * @throws OutOfRange when nothing is as bright or dark as that
     */
    public function meteredLevel(string $what = 'glow'): ExposureValue
    {
        return ExposureValue::atIso100($this->exposureStops(), $what);
    }

    /**
     * How a room of this glow reads against metered; positive is brighter.
     *
     * Offset = EV100 + log2(S/100) − log2(N²/t), less the filter before the lens.
     */
    public function offsetOf(ExposureValue $glow): Stops
    {
        return Stops::of($glow->ev - $this->exposureStops() - $this->aids->density);
    }

    /**
     * How a luminous exposure of flash light reads against correct.
     *
     * Correct is H = 250·N²/S lx·s (incident, C = 250); shutter time has no part in it up to
     * sync speed. A filter and a flash that pulses take their stops.
     *
     * @param float $luxSeconds H at the subject in lx·s, 0 or more
     */
    public function levelOfFlash(float $luxSeconds): Stops
    {
        return Stops::ofRatio(
            $luxSeconds * $this->iso->value() / (ExposureValue::C * $this->aperture->fNumber() ** 2) * 2.0 ** -$this->aids->flashLoss($this->shutter),
        );
    }

    private function exposureStops(): float
    {
        return $this->shutter->tv->value() + $this->aperture->av->value() - $this->iso->sv->value();
    }
}
