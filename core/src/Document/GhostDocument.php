<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Motion\GhostVerdict;
use Kaddle\Core\Words\DragWords;

/** What the room's light draws of the people who move. */
final readonly class GhostDocument
{
    private function __construct(
        public GhostVerdict $verdict,
        public string $sentence,
        /** Stops that it lies under the frozen figure; null without room light. */
        public ?float $under,
        /** Stops against what lies behind; negative is darker; null before nothing. */
        public ?float $against,
        /** % of the light in the middle of the figure that comes from behind it. */
        public float $seenThrough,
        /** % of the light on them that is the room's. */
        public float $roomShare,
        /** % of the exposure for which a place in the trail is covered. */
        public float $covered,
        public SmearDocument $smear,
    ) {}

    public static function of(DragView $view): self
    {
        $ghost = $view->ghost;

        return new self(
            $ghost->verdict,
            DragWords::ghost($view),
            Rounded::stops($ghost->under),
            Rounded::stops($ghost->against),
            round(100.0 * $ghost->seenThrough, 1),
            round(100.0 * $ghost->roomShare, 1),
            round(100.0 * $ghost->covered, 1),
            SmearDocument::of($ghost->smear, $view->solution->moment),
        );
    }
}
