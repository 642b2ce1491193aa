<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

use Kaddle\Core\Quantity\Range;

/**
 * Two equal slopes that meet in a ridge over the middle of a room.
 *
 * @phpstan-all-methods-pure
 */
final readonly class PitchedRoof
{
    /** m from the eaves to the ridge of a roof that nobody has measured yet. */
    public const USUAL_RISE = 3.0;

    /** The least that a ridge must lie over the eaves to be one, m. */
    private const LEAST_RISE = 0.1;

    private function __construct(
        /** Of the ridge over the floor, m; above the eaves, at most 40. */
        public float $ridge,
        public RidgeWay $way,
    ) {}

    /**
     * @param float $ridge m over the floor
     * @param float $eaves m over the floor
     *
     * @throws FlatRidge
     */
    public static function over(float $eaves, float $ridge, RidgeWay $way): self
    {
        $range = self::ridgeRange($eaves);

        return $range->contains($ridge) ? new self($ridge, $way) : throw FlatRidge::of($ridge, $range);
    }

    /** @param float $eaves m over the floor */
    public static function ridgeRange(float $eaves): Range
    {
        return Range::between($eaves + self::LEAST_RISE, BoxRoom::heightRange()->max, 'm', 0.05);
    }
}
