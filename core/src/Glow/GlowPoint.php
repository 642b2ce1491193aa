<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Kelvin;

/**
 * The glow of a room at one time.
 *
 * @phpstan-all-methods-pure
 */
final readonly class GlowPoint
{
    /** @internal made by RoomGlow only */
    public function __construct(
        public \DateTimeImmutable $at,
        public ExposureValue $glow,
        /** Stops either way. */
        public float $doubt,
        /** Of all its light together. */
        public Kelvin $colour,
        /** Share of the light that comes through windows, 0 to 1. */
        public float $daylight,
    ) {}
}
