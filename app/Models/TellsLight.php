<?php

declare(strict_types=1);

namespace App\Models;

use Kaddle\Core\Form\LevelForm;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Gear\MomentParts;
use Kaddle\Core\Glow\GlowPoint;

/** A moment as the document that the core reads. */
trait TellsLight
{
    /**
     * As a moment document that the core reads.
     *
     * @return array<string, mixed>
     */
    public function document(): array
    {
        return MomentForm::documentOf($this->settings, [
            'room' => $this->room->document(),
            ...$this->people(),
            'mains' => $this->mains()->value,
            'body' => MomentParts::body($this->body->figures()),
            'lens' => MomentParts::lens($this->lens->figures(), $this->settings->number('focalLength')),
            'flash' => MomentParts::flash(
                $this->flash->figures(),
                $this->settings->whole('units'),
                $this->modifier?->figures(),
                $this->gel?->figures(),
            ),
        ], $this->isGlowFromCurve() ? $this->glow() : null);
    }

    /** @return array<string, array<string, mixed>> what is planned of the people, as far as it bears on light */
    public function people(): array
    {
        $people = array_intersect_key($this->plan->toArray(), array_flip(['movement', 'depth', 'clothing', 'behind']));

        return $people === [] ? [] : ['people' => $people];
    }

    public function isGlowFromCurve(): bool
    {
        return $this->settings->record('glow')->flag('curve');
    }

    /** EV at ISO 100, whichever way it is told. */
    public function glow(): float
    {
        $glow = $this->settings->record('glow');

        return match (true) {
            $glow->flag('curve') => round($this->curvePoint()->glow->ev, 2),
            $glow->has('metered') => LevelForm::settings($glow->record('metered'))->meteredLevel()->ev,
            default => $glow->number('ev'),
        };
    }

    /** m */
    public function distance(): float
    {
        return $this->settings->record('subject')->number('distance');
    }

    /** What the curve of its room says for the middle of the moment. */
    public function curvePoint(): GlowPoint
    {
        $starts = $this->night->at($this->clock());

        return $this->room->glowAt($starts->setTimestamp($starts->getTimestamp() + 30 * $this->minutes));
    }
}
