<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Advice\ColourPlan;
use Kaddle\Core\Advice\ColourView;
use Kaddle\Core\Wish\ColourWish;
use Kaddle\Core\Words\ColourWords;

/** A wish for the colours, with the gel and the white balance that come nearest. */
final readonly class ColourPlanDocument
{
    private function __construct(
        public ColourWish $wish,
        public string $name,
        /** mired; 0 for the bare head. */
        public float $gel,
        /** K */
        public float $balance,
        public string $sentence,
    ) {}

    public static function of(ColourPlan $plan, ColourView $view): self
    {
        return new self(
            $plan->wish,
            $plan->wish->inWords(),
            $plan->gel->shift->mired ?? 0.0,
            $plan->balance->kelvin,
            ColourWords::plan($plan, $view),
        );
    }
}
