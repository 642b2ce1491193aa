<?php

declare(strict_types=1);

namespace Kaddle\Core\People;

use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * Something behind the people that shines by itself.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Shining
{
    private function __construct(
        /** Of the picture that is not people, 0 to 1. */
        public float $share,
        /** What a spot meter reads on it; null where it shines as such things do. */
        public ?ExposureValue $level,
    ) {}

    /**
     * @param float $share of the picture that is not people, 0 to 100 %
     *
     * @throws OutOfRange
     */
    public static function ofPercent(float $share, ?ExposureValue $level): self
    {
        return new self(self::percentRange()->checked('share that shines', $share) / 100.0, $level);
    }

    public static function percentRange(): Range
    {
        return Range::between(0.0, 100.0, '%', 5.0);
    }
}
