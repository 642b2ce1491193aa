<?php

declare(strict_types=1);

namespace Kaddle\Core\Drag;

use Kaddle\Core\Motion\Exposing;
use Kaddle\Core\Motion\Ghost;
use Kaddle\Core\Motion\GhostVerdict;
use Kaddle\Core\People\Behind;
use Kaddle\Core\People\People;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Levels;

/**
 * Somebody before what is behind them: the light of room and pop on both, as ratios to correct.
 *
 * @see docs/physics.md, “Ghost”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Subject
{
    /** m of a body, from side to side. */
    public const WIDE = 0.45;

    /** Light of the dark patches of what is behind, dark suits and gaps, against the whole of it. */
    private const DARK_PATCH = 0.25;

    /** Share of what is behind from which what shines there counts as the ground. */
    private const GROUND = 0.2;

    private function __construct(
        /** Light of the room on them. */
        public float $room,
        /** Of the pop. */
        public float $flash,
        /** Their reflectance over mid-grey. */
        public float $tone,
        /** What comes from behind them by the room, its tone included. */
        public float $behind,
        /** By the pop. */
        public float $behindFlash,
        /** Whether what is behind is one even tone. */
        private bool $isPlain,
    ) {}

    public static function of(Moment $moment, Exposing $exposing, Levels $levels): self
    {
        $people = $moment->people;
        $wall = $moment->scene->spaceBehind();
        $gap = max(0.01, min($people->behind->distance(), $wall));
        // A plain wall has its own finish.
        $tone = $people->behind === Behind::Wall
            ? $moment->scene->room->reflectance(Face::Far)->share->luminance() / People::MID_GREY
            : $people->behind->tone();
        $room = $exposing->time->offsetOf($moment->onFace)->ratio();
        $backdrop = $moment->onFace === $moment->glow ? $room : $exposing->time->offsetOf($moment->glow)->ratio();
        $shining = $people->shining;
        $ground = $shining?->level !== null && $shining->share >= self::GROUND
            ? max($tone * $backdrop, $exposing->time->offsetOf($shining->level)->ratio())
            : $tone * $backdrop;

        return new self(
            $room,
            $levels->faceFlash->ratio(),
            $people->clothing->tone(),
            $ground,
            $tone * self::flashBehind($moment, $levels, $gap, $wall)->ratio(),
            $people->behind === Behind::Wall,
        );
    }

    /** In a room that lights them otherwise, with a pop that makes up for it, before another ground. */
    public function with(float $room, float $flash, float $behind, float $behindFlash): self
    {
        return new self($room, $flash, $this->tone, $behind, $behindFlash, $this->isPlain);
    }

    /**
     * Before what is behind them as a whole, or before its dark patches where it is no plain wall:
     * whichever shows more.
     *
     * @param float $width frame widths of their body, above 0
     * @param float $smear frame widths, 0 or more
     */
    public function ghost(float $width, float $smear): Ghost
    {
        $before = fn(float $part): Ghost => Ghost::of(
            $this->room,
            $this->flash,
            $this->tone,
            $part * $this->behind,
            $part * $this->behindFlash,
            $width,
            $smear,
        );
        $plain = $before(1.0);
        $patch = $before($this->isPlain ? 1.0 : self::DARK_PATCH);

        return $plain->verdict === GhostVerdict::Clean ? $patch : $plain;
    }

    /**
     * Between face and far wall the level of a pop runs straight in the logarithm of the distance: a
     * straight beam does, and a bounced one nearly.
     *
     * @param float $gap m behind the face, up to $wall
     */
    private static function flashBehind(Moment $moment, Levels $levels, float $gap, float $wall): Stops
    {
        $distance = $moment->scene->distance;
        if (!is_finite($levels->faceFlash->value) || !is_finite($levels->spill->value)) {
            return $levels->spill;
        }
        $part = log(($distance + $gap) / $distance) / log(($distance + max($gap, $wall)) / $distance);

        return Stops::of($levels->faceFlash->value + $part * ($levels->spill->value - $levels->faceFlash->value));
    }
}
