<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Room\Vector;

/**
 * Something in the picture that shines by itself: a lamp, or a window.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Shiner
{
    /** @internal made by PictureView only */
    public function __construct(
        public string $name,
        public Vector $at,
        /** m */
        public float $width,
        /** m; null for a round one. */
        public ?float $height,
        /** What a spot meter reads on it. */
        public ExposureValue $level,
        public Kelvin $colour,
    ) {}
}
