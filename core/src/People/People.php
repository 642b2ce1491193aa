<?php

declare(strict_types=1);

namespace Kaddle\Core\People;

use Kaddle\Core\Motion\Going;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * Who is in the picture, as far as it decides blur, depth and what a meter makes of it.
 *
 * @phpstan-all-methods-pure
 */
final readonly class People
{
    /** Share of light that mid-grey sends back, to which exposures are correct. */
    public const MID_GREY = 0.18;

    private function __construct(
        public Movement $movement,
        /** m from the first row of faces to the last; 0 for one row. */
        public float $depth,
        public Clothing $clothing,
        /** What stands behind them. */
        public Behind $behind,
        /** How many are in the picture, 1 to 300. */
        public int $count,
        /** What shines behind them, where somebody says; null takes the usual for what stands there. */
        public ?Shining $shining,
        /** How fast and which way: as somebody says, or as is usual for the movement, across the picture. */
        public Going $going,
    ) {}

    /**
     * @param float $depth m from the first to the last row, 0 to 20
     * @param int $count people in the picture, 1 to 300
     *
     * @throws OutOfRange
     */
    public static function ofMetres(
        Movement $movement,
        float $depth,
        Clothing $clothing,
        Behind $behind,
        int $count = 1,
        ?Shining $shining = null,
        ?Going $going = null,
    ): self {
        return new self(
            $movement,
            self::depthRange()->checked('depth of the group', $depth),
            $clothing,
            $behind,
            (int) self::countRange()->checked('number of people', $count),
            $shining,
            $going ?? Going::ofMetresPerSecond($movement->speed()),
        );
    }

    public static function countRange(): Range
    {
        return Range::between(1.0, 300.0, 'people', 1.0);
    }

    public static function depthRange(): Range
    {
        return Range::between(0.0, 20.0, 'm', 0.1);
    }
}
