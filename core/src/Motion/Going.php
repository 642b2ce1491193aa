<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * How somebody moves: how fast, and which way as the lens sees it.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Going
{
    private function __construct(
        /** m/s, 0 to 15. */
        public float $speed,
        /** Degrees: 0 across to the right, 90 towards the lens, 180 across to the left, −90 away. */
        public float $heading,
    ) {}

    /**
     * @param float $speed m/s, 0 to 15
     * @param float $heading degrees, −180 to 180
     *
     * @throws OutOfRange
     */
    public static function ofMetresPerSecond(float $speed, float $heading = 0.0): self
    {
        return new self(
            self::speedRange()->checked('speed', $speed),
            self::headingRange()->checked('way they go', $heading),
        );
    }

    public static function speedRange(): Range
    {
        return Range::between(0.0, 15.0, 'm/s', 0.1);
    }

    public static function headingRange(): Range
    {
        return Range::between(-180.0, 180.0, '°', 5.0);
    }

    /** m/s to the right. */
    public function across(): float
    {
        return $this->speed * cos(deg2rad($this->heading));
    }

    /** m/s towards the lens. */
    public function towards(): float
    {
        return $this->speed * sin(deg2rad($this->heading));
    }
}
