<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Words\LampWords;

/** What is left of the beat of lamps on the mains. */
final readonly class FlickerDocument
{
    private function __construct(
        /** Beats from the first row to the last. */
        public float $bands,
        /** Stops from the brightest row to the darkest. */
        public float $across,
        /** Stops from the brightest frame to the darkest. */
        public float $between,
        public string $sentence,
    ) {}

    public static function of(DragView $view): self
    {
        return new self(
            round($view->flicker->bands, 2),
            round($view->flicker->across->value, 3),
            round($view->flicker->between->value, 3),
            LampWords::flicker($view),
        );
    }
}
