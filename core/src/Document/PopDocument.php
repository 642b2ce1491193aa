<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Motion\SubjectBlur;
use Kaddle\Core\Words\DragWords;

/** What the pop itself smears. */
final readonly class PopDocument
{
    private function __construct(
        /** s over half of its peak; null for pulses, and without flash. */
        public ?float $half,
        /** s over a tenth: the time that blurs; for pulses as long as the shutter is open. */
        public float $tenth,
        /** Whether the flash pulses. */
        public bool $pulses,
        public SmearDocument $bodies,
        /** Of hands and skirts. */
        public SmearDocument $hands,
        public string $sentence,
    ) {}

    public static function of(DragView $view): self
    {
        $best = $view->solution->best;
        $moment = $view->solution->moment;
        $pulses = !$best->isOff() && $best->choice->settings->aids->pulsesAt($best->choice->settings->shutter);
        $seconds = $view->popSeconds();
        $smear = static fn(float $speed): SmearDocument => SmearDocument::of(
            SubjectBlur::atMetres($moment->optics, $moment->scene->distance, $speed)->shareFor($seconds),
            $moment,
        );

        return new self(
            $best->isOff() || $pulses ? null : round($moment->flash->pop->printed($best->output), 8),
            round($seconds, 8),
            $pulses,
            $smear($moment->people->going->speed),
            $smear($moment->people->movement->handSpeed()),
            DragWords::pop($view),
        );
    }
}
