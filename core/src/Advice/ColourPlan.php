<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Colour\LightColour;
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
    /** Duv under which nobody sees a tint, and a body’s tint stays at 0. */
    private const UNSEEN = 0.002;

    private function __construct(
        public ColourWish $wish,
        /** On all units, null for bare heads; where the wish keeps what is on, that of the first. */
        public ?Gel $gel,
        public LightColour $balance,
        /** How the face then looks, and what is behind where anybody knows its light, against white. */
        public LightColour $face,
        public ?LightColour $behind,
        /** By how much what is behind misses the wish, mired: above 0 too warm. 0 where it may be anything. */
        public Mired $left,
    ) {}

    /**
     * @param array<int, Gel> $gels in the bag, by what it calls them
     *
     * @return self|null null where the wish asks for a flash that is on, or a room whose light somebody knows
     */
    public static function of(ColourWish $wish, ColourView $view, array $gels): ?self
    {
        $wanted = $wish->behindOverFace();
        $room = $view->room;
        $best = null;
        foreach ($wanted === null ? [$view->outfit()->gel] : [null, ...$gels] as $gel) {
            $flash = $wanted === null ? $view->flash : $view->flashThrough($gel);
            if ($flash === null || ($wanted !== null && $room === null)) {
                return null;
            }
            $face = $wanted === null ? $view->face ?? $flash : $flash;
            $left = $wanted === null ? 0.0 : $room->warmth->mired - $flash->warmth->mired - $wanted;
            if ($best === null || abs($left) < abs($best->left->mired) - 1e-9) {
                $balance = self::balance($wish === ColourWish::MatchRoom && $room !== null ? $room : $face->plus(Mired::of(-$wish->faceWarmth())));
                $best = new self($wish, $gel, $balance, $view->looks($face, $balance), $room === null ? null : $view->looks($room, $balance), Mired::of($left));
            }
        }

        return $best;
    }

    /** As near as a body can be set. */
    private static function balance(LightColour $wished): LightColour
    {
        $range = Look::balanceRange();
        $kelvin = $range->nearest(round(1e6 / max(1e6 / $range->max, $wished->warmth->mired), -1));
        $tint = abs($wished->duv) < self::UNSEEN ? 0.0 : Look::tintRange()->nearest(round(1000.0 * $wished->duv));

        return Look::balanceOf(Kelvin::of($kelvin), $tint);
    }
}
