<?php

declare(strict_types=1);

namespace Kaddle\Core\People;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * Who is in the picture, as far as it decides blur, depth and what a meter makes of it.
 *
 * @phpstan-all-methods-pure
 */
final readonly class People
{
    private function __construct(
        public Movement $movement,
        /** m from the first row of faces to the last; 0 for one row. */
        public float $depth,
        public Clothing $clothing,
        /** What stands behind them. */
        public Behind $behind,
    ) {}

    /**
     * @param float $depth m from the first to the last row, 0 to 20
     *
     * @throws OutOfRange
     */
    public static function ofMetres(Movement $movement, float $depth, Clothing $clothing, Behind $behind): self
    {
        return new self($movement, self::depthRange()->checked('depth of the group', $depth), $clothing, $behind);
    }

    public static function depthRange(): Range
    {
        return Range::between(0.0, 20.0, 'm', 0.1);
    }
}
