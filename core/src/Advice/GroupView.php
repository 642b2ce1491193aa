<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\GroupLight;
use Kaddle\Core\Solve\Solution;

/**
 * How the light, the depth and the frame serve a whole group, and not only its first face.
 *
 * @see docs/physics.md, “Groups”
 */
final readonly class GroupView
{
    /** Stops by which a face may get less flash than the first before it is told with what would help. */
    public const EVEN = 1.0 / 3.0;

    /** @param array{HeadAim, Stops}|null $evener */
    private function __construct(
        public Moment $moment,
        /** What the flash does on all of them; null for one that is off. */
        public ?GroupLight $light,
        /** From where all of them are in the frame. */
        public Length $fitsFrom,
        /** The widest opening that holds all rows sharp; null where none does. */
        public ?Aperture $holding,
        /** Whether the aperture in use does. */
        public bool $isSharp,
        /** Of the frame that is people, 0 to 1. */
        public float $share,
        /** The way that lights them most evenly, and the worst fall with it; null where that in use is even enough or none is better. */
        public ?array $evener,
    ) {}

    /** Nothing for one person. */
    public static function of(Solution $solution): ?self
    {
        $moment = $solution->moment;
        $faces = $moment->groupFaces();
        if ($faces === null) {
            return null;
        }
        $light = $solution->best->isOff() ? null : $solution->best->light->group;
        $holding = $moment->openingForGroup();

        return new self(
            $moment,
            $light,
            $faces->fitsFrom,
            $holding,
            $holding !== null && $solution->best->choice->settings->aperture->av->thirtieths >= $holding->av->thirtieths,
            $moment->people->shareOfFrame($moment->optics, $moment->scene->distance),
            $light === null ? null : self::evener($solution, $light->worst()->value),
        );
    }

    public function fits(): bool
    {
        return $this->fitsFrom->metres <= $this->moment->scene->distance;
    }

    /**
     * @param float $now worst fall as the head points, stops, 0 or less
     *
     * @return array{HeadAim, Stops}|null
     */
    private static function evener(Solution $solution, float $now): ?array
    {
        if ($now >= -self::EVEN) {
            return null;
        }
        $best = null;
        $least = $now + self::EVEN / 2.0;
        foreach ($solution->candidates as $way) {
            $fall = $way->light->group?->worst();
            if ($fall !== null && $fall->value > $least && $way !== $solution->best && $way->tooWeak() <= 0.0) {
                [$best, $least] = [[$way->light->aim, $fall], $fall->value];
            }
        }

        return $best;
    }
}
