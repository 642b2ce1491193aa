<?php

declare(strict_types=1);

namespace Kaddle\Core\Situation;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Stops;

/**
 * The room's own light on a face, against what falls on the scene behind it.
 *
 * @see docs/physics.md, “Face and background”
 *
 * @phpstan-all-methods-pure
 */
final readonly class FaceGlow
{
    private function __construct(
        /** Above 0 the face is lit better than what is behind it. */
        public Stops $over,
        /** Stops either way, standard deviation; 0 where it was measured. */
        public float $doubt,
    ) {}

    /** The same light everywhere. */
    public static function even(): self
    {
        return new self(Stops::of(0.0), 0.0);
    }

    /**
     * @param float $over stops, −12 to 8
     * @param float $doubt stops either way, 0 or more
     *
     * @throws OutOfRange
     */
    public static function ofStops(float $over, float $doubt = 0.0): self
    {
        return new self(Stops::of(self::range()->checked('light on the face', $over)), max(0.0, $doubt));
    }

    public function isEven(): bool
    {
        return $this->over->value === 0.0;
    }

    public static function range(): Range
    {
        return Range::between(-12.0, 8.0, 'stops', 1.0 / 3.0);
    }
}
