<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Mired;
use Kaddle\Core\Wish\ColourWish;
use Kaddle\Core\Wish\Look;

/**
 * Which gel and which white balance come nearest to a wish for the colours.
 *
 * @see docs/physics.md, “Colour of room and flash”
 */
final readonly class ColourPlan
{
    private function __construct(
        public ColourWish $wish,
        /** Null for the bare head. */
        public ?Gel $gel,
        public Kelvin $balance,
        /** How warm the face then looks, and what is behind where anybody knows its light; mired, below 0 cool. */
        public Mired $face,
        public ?Mired $behind,
        /** By how much what is behind misses the wish, mired: above 0 too warm. 0 where it may be anything. */
        public Mired $left,
    ) {}

    /**
     * @param list<Gel> $gels in the bag
     *
     * @return self|null null where the wish asks for a flash that is on, or a room whose light somebody knows
     */
    public static function of(ColourWish $wish, ColourView $view, array $gels): ?self
    {
        $wanted = $wish->behindOverFace();
        $room = $view->room;
        $best = null;
        foreach ($wanted === null ? [$view->gel()] : [null, ...$gels] as $gel) {
            $flash = $view->flashThrough($gel);
            if ($flash === null || ($wanted !== null && $room === null)) {
                return null;
            }
            $face = $wanted === null ? $view->face ?? $flash : $flash;
            $left = $wanted === null ? 0.0 : $room->mired - $flash->mired - $wanted;
            if ($best === null || abs($left) < abs($best->left->mired) - 1e-9) {
                $balance = self::balance($wish === ColourWish::MatchRoom && $room !== null ? $room : $face->minus(Mired::of($wish->faceWarmth())));
                $best = new self($wish, $gel, $balance, $view->looks($face, $balance), $room === null ? null : $view->looks($room, $balance), Mired::of($left));
            }
        }

        return $best;
    }

    /** As near as a body can be set. */
    private static function balance(Mired $wished): Kelvin
    {
        $range = Look::balanceRange();

        return Kelvin::of($range->nearest(round(1e6 / max(1e6 / $range->max, $wished->mired), -1)));
    }
}
