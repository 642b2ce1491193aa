<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Advice\ColourPlan;
use Kaddle\Core\Advice\ColourView;
use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Wish\ColourWish;

/** Colours of face and background as the camera is set, and what other gels and white balances would make of them. */
final readonly class ColourDocument
{
    /**
     * @param list<ColourPatchDocument> $patches
     * @param list<ColourPlanDocument> $plans
     */
    private function __construct(
        /** White balance in use, K. */
        public float $balance,
        /** Its tint, thousandths of Duv. */
        public float $tint,
        /** Whether anybody knows the colour of the room's light. */
        public bool $knowsRoom,
        /** Those whose colour is known. @var list<ColourPatchDocument> */
        public array $patches,
        /** Of the wishes that can be thought of here. @var list<ColourPlanDocument> */
        public array $plans,
    ) {}

    /** @param array<int, Gel> $gels in the bag, by what it calls them */
    public static function of(Solution $solution, array $gels): self
    {
        $view = ColourView::of($solution);
        $patches = [
            ColourPatchDocument::of('Face', $view->face, $view),
            ColourPatchDocument::of('Background', $view->behind, $view),
            ColourPatchDocument::of('Flash on the face', $view->flash, $view),
            ColourPatchDocument::of('Room’s light', $view->room, $view),
        ];
        $plans = array_map(static fn(ColourWish $w): ?ColourPlan => ColourPlan::of($w, $view, $gels), ColourWish::cases());

        return new self(
            round($view->balance->kelvin()->kelvin),
            round(1000.0 * $view->balance->duv),
            $view->room !== null,
            array_values(array_filter($patches)),
            array_values(array_map(
                static fn(ColourPlan $p): ColourPlanDocument => ColourPlanDocument::of($p, $view, $gels),
                array_filter($plans, static fn(?ColourPlan $p): bool => $p !== null),
            )),
        );
    }
}
