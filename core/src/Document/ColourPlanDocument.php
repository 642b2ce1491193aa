<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Advice\ColourPlan;
use Kaddle\Core\Advice\ColourView;
use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Wish\ColourWish;
use Kaddle\Core\Words\ColourWords;

/** A wish for the colours, with the gel and the white balance that come nearest. */
final readonly class ColourPlanDocument
{
    private function __construct(
        public ColourWish $wish,
        public string $name,
        /** Whether the gels stay as they are; if not, all units carry the one that is told here. */
        public bool $keepsGels,
        /** Which of the gels, by what the bag calls it; null for the bare head. */
        public ?int $gel,
        /** K */
        public float $balance,
        /** Thousandths of Duv. */
        public float $tint,
        public string $sentence,
    ) {}

    /** @param array<int, Gel> $gels in the bag, by what it calls them */
    public static function of(ColourPlan $plan, ColourView $view, array $gels): self
    {
        $gel = array_search($plan->gel, $gels, true);

        return new self(
            $plan->wish,
            $plan->wish->inWords(),
            $plan->wish->behindOverFace() === null,
            $gel === false ? null : $gel,
            round($plan->balance->kelvin()->kelvin),
            round(1000.0 * $plan->balance->duv),
            ColourWords::plan($plan, $view),
        );
    }
}
